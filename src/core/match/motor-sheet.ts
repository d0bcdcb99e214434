import { parseCapacitorLabel, ratedUfOf, saysNoCapacitor } from "../capacitor";
import { endsOf, readPlateField, seenFromShaft, speedAndPoles, type PlateFieldId, type PlateValue } from "../motor";
import type { Failure } from "../result";
import type { MachineKind } from "../trade";
import type { MotorPlace, MotorSpec, OwnCapacitor, RatedConnection } from "./motor-spec";
import { plainAt } from "../fields";
import { motorSheet, placeSheet, type MotorSheet, type PlaceSheet } from "./sheet-schema";

/** Fields that are written as a plate has them. */
type PlateText = Extract<PlateFieldId, keyof MotorSheet>;
/** Fields that take one figure. */
type FigureField = "speeds" | "bodyDiameter" | "bodyLength" | "shaftDiameter" | "shaftLength" | "leadLength";
export type SheetText = PlateText | FigureField | "capacitor";

/** A sheet as it is understood, with what of it cannot be read. */
export interface ReadSheet {
  readonly spec: MotorSpec;
  readonly failures: Readonly<Partial<Record<SheetText, Failure>>>;
}

function readCapacitor(text: string): { own: OwnCapacitor | null; failure: Failure | null } {
  const shown = text.trim();
  if (shown === "") return { own: null, failure: null };
  if (saysNoCapacitor(shown)) return { own: { kind: "none" }, failure: null };
  const label = parseCapacitorLabel(shown);
  if (!label.ok) return { own: null, failure: label.failure };
  const [section] = label.value.sections;
  return section === undefined
    ? { own: null, failure: null }
    : { own: { kind: "one", uf: ratedUfOf(section), ratedV: label.value.ratedV }, failure: null };
}

/** Volts and amps of a plate belong together by their place; one figure of amps stands for every connection. */
function connectionsOf(volts: readonly PlateValue[], amps: readonly PlateValue[]): RatedConnection[] {
  return volts.map((value, index) => {
    const [lowV, highV] = endsOf(value);
    const own = amps.length === volts.length ? amps[index] : amps.length === 1 && volts.length === 1 ? amps[0] : undefined;
    return { lowV, highV, fullLoadA: own === undefined ? null : endsOf(own)[1] };
  });
}

/**
 * Reads a motor's sheet as it was keyed.
 * @param sheet the sheet
 * @returns what is known of the motor, and of each field that cannot be read why
 */
export function readSheet(sheet: MotorSheet): ReadSheet {
  const failures: Partial<Record<SheetText, Failure>> = {};
  const plate = (field: PlateText): readonly PlateValue[] => {
    const read = readPlateField(field, sheet[field]);
    if (!read.ok) failures[field] = read.failure;
    return read.ok ? read.value : [];
  };
  const figure = (field: FigureField): number | null => {
    const { value, failure } = plainAt(motorSheet, sheet, field);
    if (failure) failures[field] = failure;
    return value;
  };
  const [volts, hertz, power, amps, rpms] = [plate("volts"), plate("hertz"), plate("power"), plate("amps"), plate("rpm")];
  const { own, failure } = readCapacitor(sheet.capacitor);
  if (failure) failures.capacitor = failure;
  const hz = hertz.flatMap((value) => [...new Set(endsOf(value))]);
  const rpm = rpms.length === 0 ? null : Math.max(...rpms.map((value) => endsOf(value)[1]));
  const speeds = figure("speeds");
  return {
    spec: {
      type: sheet.type,
      connections: connectionsOf(volts, amps),
      hertz: hz,
      phases: sheet.phases,
      powerW: power[0] === undefined ? null : endsOf(power[0])[1],
      rpm,
      poles: rpm !== null && hz[0] !== undefined ? (speedAndPoles(rpm, hz[0])?.poles ?? null) : null,
      // A plate that names several speeds has so many.
      speeds: speeds ?? (rpms.length > 1 ? rpms.length : null),
      rotation: seenFromShaft(sheet.rotation, sheet.seenFrom),
      isReversible: sheet.isReversible,
      shaftEnds: sheet.shaftEnds,
      mount: sheet.mount,
      bodyDiameterMm: figure("bodyDiameter"),
      bodyLengthMm: figure("bodyLength"),
      shaftDiameterMm: figure("shaftDiameter"),
      shaftLengthMm: figure("shaftLength"),
      shaftForm: sheet.shaftForm,
      enclosure: sheet.enclosure,
      duty: sheet.duty,
      bearings: sheet.bearings,
      capacitor: own,
      protection: sheet.protection,
      leadLengthMm: figure("leadLength"),
    },
    failures,
  };
}

/**
 * Reads a place as it was keyed; what cannot be read is taken as not known, and told beside its field.
 * @param place the place
 * @param machineKind what the motor drives there
 * @returns what is known of it
 */
export const readPlace = (place: PlaceSheet, machineKind: MachineKind = "other"): MotorPlace => {
  const figure = (field: Exclude<keyof PlaceSheet, "shaft" | "hasAirOver">): number | null => plainAt(placeSheet, place, field).value;
  return {
    machineKind,
    supplyV: figure("supply"),
    roomLengthMm: figure("roomLength"),
    roomDiameterMm: figure("roomDiameter"),
    circuitA: figure("circuit"),
    shaft: place.shaft,
    hasAirOver: place.hasAirOver,
    wheelBoreMm: figure("wheelBore"),
    speedsUsed: figure("speedsUsed"),
    leadLengthMm: figure("leadLength"),
  };
};
