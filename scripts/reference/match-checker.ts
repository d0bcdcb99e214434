import { matchMotor, UNKNOWN_MOTOR, UNKNOWN_PLACE, type MotorPlace, type MotorSpec } from "@/core/match";
import { seenFromShaft, speedAndPoles, type SeenFrom } from "@/core/motor";
import { toHouseFigures } from "@/core/house";
import { compare, type Miss, type ReferenceCase, type Tolerance } from "./case-file";

const WATTS_PER_HP = 745.7;
type Fields = Readonly<Record<string, unknown>>;

const numberAt = (fields: Fields, name: string): number | null => (typeof fields[name] === "number" ? fields[name] : null);
const textAt = <T extends string>(fields: Fields, name: string): T | null =>
  typeof fields[name] === "string" ? (fields[name] as T) : null;
const flagAt = (fields: Fields, name: string): boolean | null => (typeof fields[name] === "boolean" ? fields[name] : null);
const listAt = (fields: Fields, name: string): readonly number[] =>
  [fields[name]].flat().filter((each): each is number => typeof each === "number");

const MOTOR_FIELDS = [
  "supply_v f_hz phases hp power_w rpm poles speeds speeds_used rotation rotation_seen_from reversible shaft_ends mount body_diameter_mm",
  "body_length_mm shaft_diameter_mm shaft_length_mm shaft_form enclosure duty bearings capacitor_uf capacitor_v protection full_load_a",
  "lead_length_mm",
].flatMap((line) => line.split(" "));
const PLACE_FIELDS = "room_length_mm room_diameter_mm circuit_a shaft air_over driven wheel_bore_mm supply_v lead_length_mm".split(" ");

function refuseUnknown(fields: Fields, known: readonly string[]): void {
  const strange = Object.keys(fields).find((name) => !known.includes(name));
  if (strange !== undefined) throw new Error(`unknown field: ${strange}`);
}

function toSpec(fields: Fields): MotorSpec {
  refuseUnknown(fields, MOTOR_FIELDS);
  const [rpm, hertz] = [numberAt(fields, "rpm"), listAt(fields, "f_hz")];
  const hp = numberAt(fields, "hp");
  const amps = listAt(fields, "full_load_a");
  const uf = numberAt(fields, "capacitor_uf");
  return {
    ...UNKNOWN_MOTOR,
    connections: listAt(fields, "supply_v").map((volts, index) => ({
      lowV: volts,
      highV: volts,
      fullLoadA: amps[index] ?? amps[0] ?? null,
    })),
    hertz,
    phases: numberAt(fields, "phases"),
    powerW: numberAt(fields, "power_w") ?? (hp === null ? null : hp * WATTS_PER_HP),
    rpm,
    poles: numberAt(fields, "poles") ?? (rpm !== null && hertz[0] !== undefined ? (speedAndPoles(rpm, hertz[0])?.poles ?? null) : null),
    speeds: numberAt(fields, "speeds"),
    rotation: seenFromShaft(textAt(fields, "rotation"), textAt<SeenFrom>(fields, "rotation_seen_from") ?? "shaft-end"),
    isReversible: flagAt(fields, "reversible"),
    shaftEnds: numberAt(fields, "shaft_ends"),
    mount: textAt(fields, "mount"),
    bodyDiameterMm: numberAt(fields, "body_diameter_mm"),
    bodyLengthMm: numberAt(fields, "body_length_mm"),
    shaftDiameterMm: numberAt(fields, "shaft_diameter_mm"),
    shaftLengthMm: numberAt(fields, "shaft_length_mm"),
    shaftForm: textAt(fields, "shaft_form"),
    enclosure: textAt(fields, "enclosure"),
    duty: textAt(fields, "duty"),
    bearings: textAt(fields, "bearings"),
    // In these cases null says that there is none; a field that is absent, that nobody knows.
    capacitor:
      uf !== null ? { kind: "one", uf, ratedV: numberAt(fields, "capacitor_v") } : "capacitor_uf" in fields ? { kind: "none" } : null,
    protection: textAt(fields, "protection"),
    leadLengthMm: numberAt(fields, "lead_length_mm"),
  };
}

function toPlace(fields: Fields, old: Fields): MotorPlace {
  refuseUnknown(fields, PLACE_FIELDS);
  return {
    ...UNKNOWN_PLACE,
    supplyV: numberAt(fields, "supply_v"),
    roomLengthMm: numberAt(fields, "room_length_mm"),
    roomDiameterMm: numberAt(fields, "room_diameter_mm"),
    circuitA: numberAt(fields, "circuit_a"),
    shaft: textAt(fields, "shaft"),
    hasAirOver: flagAt(fields, "air_over"),
    wheelBoreMm: numberAt(fields, "wheel_bore_mm"),
    speedsUsed: numberAt(old, "speeds_used"),
    leadLengthMm: numberAt(fields, "lead_length_mm"),
  };
}

/** An old motor, its place and a candidate: each line, and the whole. */
export function checkMatch({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const [old, place, candidate] = [inputs.old, inputs.place, inputs.candidate] as [Fields, Fields, Fields];
  const { overall, lines } = matchMotor({ old: toSpec(old), place: toPlace(place, old), candidate: toSpec(candidate) }, toHouseFigures({}));
  const found = Object.fromEntries(Object.entries(lines).map(([id, { fit }]) => [id, fit]));
  return compare(outputs, { overall, lines: found }, tolerance);
}
