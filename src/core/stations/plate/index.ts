import { field, recordOf } from "../../fields";
import { INSULATION_CLASSES, MACHINE_KINDS, MOTOR_TYPES, type InsulationClass, DRIVES } from "../../trade";
import { defineStation, MOST_PHOTO_CHARACTERS, photoSchema, plainAssessment } from "../../station";
import * as v from "valibot";
import { parseCapacitorLabel, parseCapacitorParts, type CapacitorLabel, type WrittenPart } from "../../capacitor";
import {
  endsOf,
  foreignByPlate,
  hertzBeside,
  middleOf,
  MOTOR_SORTS,
  type NotOurs,
  plateInHand,
  readPlateField,
  speedAndPoles,
  synchronousRpm,
  type PlateFieldId,
  type PlateInHand,
  type PlateValue,
  type SpeedAndPoles,
} from "../../motor";
import { type WorkingStep, formatNumber, readFigure, type Slip } from "../../quantity";
import { fail, ok, type Failure, type Result } from "../../result";
import { mayBurnGas } from "../../relevance";
import { slipOfAmps } from "./amps-slip";
import { plateMigrations } from "./migrations";
import { printedAs } from "./printed-as";

/** Several figures stand on no plate beyond this. */
const MOST_CHOICES = 8;
const pick = field.own(v.nullable(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(MOST_CHOICES))), null);

export const plateRecord = recordOf({
  motorType: field.always(MOTOR_TYPES, "unknown"),
  machineKind: field.always(MACHINE_KINDS, "other"),
  /** how it drives the machine, where somebody looked */
  drive: field.oneOf(DRIVES),
  /** the machine around it burns gas, where somebody said */
  burnsGas: field.yesNo(),
  volts: field.printed(),
  hertz: field.printed(),
  power: field.printed(),
  amps: field.printed(),
  rpm: field.printed(),
  capacitor: field.printed(),
  /** the other part of a motor with a start and a run capacitor, where it stands on a line of its own */
  secondCapacitor: field.printed(),
  duty: field.printed(),
  /** who made it, and by what it is ordered: as printed, never read as figures */
  maker: field.printed(),
  model: field.printed(),
  partNumber: field.printed(),
  serial: field.printed(),
  /** of the motor, about, in years */
  age: field.printed(),
  insulationClass: field.own(
    v.union([v.picklist(Object.keys(INSULATION_CLASSES) as [InsulationClass, ...InsulationClass[]]), v.literal("")]),
    "",
  ),
  /** which of several is in hand, by its place as stamped; null: nobody said */
  picks: field.group({ connection: pick, hertz: pick, speed: pick }),
  /** what sort of motor it is, where a person said; null: nobody did */
  sort: field.oneOf(MOTOR_SORTS),
  /** of the plate, where one was taken */
  photo: field.own(v.nullable(photoSchema(MOST_PHOTO_CHARACTERS)), null),
  /** the amps looked like a slip of the finger, were looked at again, and stand */
  areAmpsSure: field.flag(),
});
export type PlateRecord = typeof plateRecord.blank;
export type PlateField = Exclude<
  keyof PlateRecord,
  "motorType" | "machineKind" | "drive" | "burnsGas" | "picks" | "sort" | "photo" | "areAmpsSure"
>;

export interface PlateDetail {
  readonly failures: Partial<Record<PlateField, Failure>>;
  readonly filled: number;
  readonly total: number;
  /** connection, hertz and speed in hand, and what else the plate offers */
  readonly inHand: PlateInHand;
  /** hertz to choose from */
  readonly hertzChoices: readonly number[];
  readonly supplyV: number | null;
  readonly frequencyHz: number | null;
  readonly powerW: number | null;
  readonly fullLoadA: number | null;
  readonly fullLoadRpm: number | null;
  readonly speed: SpeedAndPoles | null;
  /** the amps do not go with power and volts, and one slip of the finger would explain it */
  readonly ampsSlip: Slip | null;
  /** it is none of the motors that are judged here */
  readonly notOurs: NotOurs | null;
  /** capacitors it asks for: none, one, or a run and a start part */
  readonly capacitors: readonly WrittenPart[];
  readonly hotSpotC: number | null;
  readonly ageYears: number | null;
}

const FIELDS: readonly PlateField[] = ["volts", "hertz", "power", "amps", "rpm", "capacitor", "duty", "insulationClass", "age"];
const OLDEST_YEARS = 80;
/** Fields in which a motor of another sort has what no field here takes: phases, direct volts, speeds beyond two poles. */
const FOREIGN_FIELDS: readonly string[] = ["volts", "hertz", "rpm"];

function parseSpeeds(text: string, frequencyHz: number | null): Result<readonly PlateValue[], Failure> {
  const read = readPlateField("rpm", text);
  if (!read.ok) return read;
  const maxRpm = synchronousRpm(frequencyHz ?? 60, 2);
  const tooFast = read.value.map((value) => endsOf(value)[1]).find((rpm) => rpm > maxRpm);
  return tooFast === undefined ? read : fail({ code: "rpm-above-synchronous", rpm: tooFast, maxRpm, frequencyHz: frequencyHz ?? 60 });
}

function parseAge(text: string): Result<number | null, Failure> {
  if (text.trim() === "") return ok(null);
  const read = readFigure(text, "years", { max: OLDEST_YEARS });
  if (!read.ok) return read;
  return ok(read.value.kind === "value" ? read.value.value : null);
}

/** Both capacitors of the plate, from one line or from two. */
function parseCapacitors(record: PlateRecord): {
  first: Result<readonly WrittenPart[], Failure>;
  second: Result<CapacitorLabel | null, Failure>;
} {
  return {
    first: record.capacitor.trim() === "" ? ok([]) : parseCapacitorParts(record.capacitor),
    second: record.secondCapacitor.trim() === "" ? ok(null) : parseCapacitorLabel(record.secondCapacitor),
  };
}

/** What a person picked, else what the plate shows, else what was said before. */
function notOursOf(
  record: PlateRecord,
  read: {
    readonly volts: Result<readonly PlateValue[], Failure>;
    readonly amps: Result<readonly PlateValue[], Failure>;
    readonly powerW: number | null;
  },
  said: NotOurs | null,
): NotOurs | null {
  if (record.sort === "induction") return null;
  if (record.sort !== null) return { sort: record.sort, by: "picked" };
  const byPlate = foreignByPlate({
    printed: [record.volts, record.hertz, record.amps, record.rpm, record.power, record.duty].join(" ; "),
    voltsPrinted: record.volts,
    rpmPrinted: record.rpm,
    volts: valuesOf(read.volts).map(middleOf),
    amps: valuesOf(read.amps).map(middleOf),
    powerW: read.powerW,
  });
  return byPlate ?? said;
}

const valuesOf = (read: Result<readonly PlateValue[], Failure>): readonly PlateValue[] => (read.ok ? read.value : []);

function speedWorking(rpm: number, hz: number, speed: SpeedAndPoles): WorkingStep {
  return {
    what: "Poles from the plate speed",
    formula: "poles = largest even p with 120 f / p ≥ n;  slip = 1 − n / n sync",
    numbers: `120 × ${formatNumber(hz, 1)} / ${speed.poles} = ${formatNumber(speed.syncRpm, 1)} rpm;  1 − ${formatNumber(rpm, 0)} / ${formatNumber(speed.syncRpm, 1)}`,
    result: `${speed.poles} poles, slip ${formatNumber(speed.slip * 100, 1)} %`,
    source: "Fitzgerald, Electric Machinery, 6.1",
  };
}

/** The motor plate: what the maker says it is. Anything may be empty; what cannot be is refused and kept as typed. */
export const plateStation = defineStation({
  definition: { id: "plate", power: "either", minutes: 2, tests: [], isOpening: true, cautions: [] },
  ...plateRecord,
  migrations: plateMigrations,
  lasts: (record) => record,
  assess(record, { facts: known }) {
    const read = (field: PlateFieldId): Result<readonly PlateValue[], Failure> =>
      readPlateField(field, field === "hertz" ? record.hertz.trim() || hertzBeside(record.volts) : record[field]);
    const [volts, hertz, amps, power] = [read("volts"), read("hertz"), read("amps"), read("power")];
    const hertzChoices = valuesOf(hertz).flatMap((value) => [...new Set(endsOf(value))]);
    const rpm = parseSpeeds(record.rpm, hertzChoices.length === 0 ? null : Math.max(...hertzChoices));
    const age = parseAge(record.age);
    const { first, second } = parseCapacitors(record);
    const results: Partial<Record<PlateField, Result<unknown, Failure>>> = {
      volts,
      hertz,
      amps,
      power,
      rpm,
      capacitor: first,
      secondCapacitor: second,
      age,
    };
    const inHand = plateInHand(
      { volts: valuesOf(volts), hertz: valuesOf(hertz), amps: valuesOf(amps), rpm: valuesOf(rpm), power: valuesOf(power) },
      record.picks,
    );
    const ampsSlip = slipOfAmps(record, inHand);
    const notOurs = notOursOf(record, { volts, amps, powerW: inHand.powerW }, known.notOurs);
    const fullLoadRpm = inHand.rpm;
    const frequencyHz = inHand.hertz;
    const speed = fullLoadRpm !== null && frequencyHz !== null ? speedAndPoles(fullLoadRpm, frequencyHz) : null;
    const filled = FIELDS.filter((field) => record[field].trim() !== "").length + (record.motorType === "unknown" ? 0 : 1);
    const own = second.ok && second.value ? [{ text: record.secondCapacitor, label: second.value }] : [];
    const capacitors = [...(first.ok ? first.value : []).slice(0, own.length > 0 ? 1 : 2), ...own];
    // What is printed on a plate that is none of ours is kept as printed: it is not asked for again.
    const isKept = (field: string): boolean => notOurs !== null && FOREIGN_FIELDS.includes(field);
    const failures = Object.fromEntries(
      Object.entries(results).flatMap(([field, result]) => (result.ok || isKept(field) ? [] : [[field, result.failure]])),
    ) as PlateDetail["failures"];
    const detail: PlateDetail = {
      failures,
      filled,
      total: FIELDS.length + 1,
      inHand,
      hertzChoices,
      supplyV: inHand.volts === null ? null : middleOf(inHand.volts),
      frequencyHz,
      powerW: inHand.powerW,
      fullLoadA: inHand.amps === null || ampsSlip !== null ? null : endsOf(inHand.amps)[1],
      ampsSlip,
      fullLoadRpm,
      speed,
      capacitors,
      notOurs,
      ageYears: age.ok ? age.value : null,
      hotSpotC: record.insulationClass === "" ? null : INSULATION_CLASSES[record.insulationClass],
    };
    return plainAssessment(ampsSlip !== null ? "unsure" : filled === 0 && record.machineKind === "other" ? "not-done" : "noted", detail, {
      facts: {
        motorType: record.motorType,
        machineKind: record.machineKind,
        drive: record.drive,
        notOurs,
        isOursSaid: record.sort === "induction",
        printedAs: printedAs(record),
        burnsGas: mayBurnGas(record.machineKind) ? record.burnsGas : null,
        supplyV: detail.supplyV,
        supplyBand: inHand.volts === null ? null : endsOf(inHand.volts),
        plateConnections: inHand.connections,
        connectionSaid: inHand.connections.length > 1 ? inHand.connection : null,
        frequencyHz,
        powerW: detail.powerW,
        fullLoadA: detail.fullLoadA,
        fullLoadRpm: detail.fullLoadRpm,
        plateCapacitor: capacitors[0]?.label ?? null,
        plateSecondCapacitor: capacitors[1]?.label ?? null,
        hotSpotC: detail.hotSpotC,
        ageYears: detail.ageYears,
      },
      working: speed && fullLoadRpm !== null && frequencyHz !== null ? [speedWorking(fullLoadRpm, frequencyHz, speed)] : [],
    });
  },
});

export { printedAs } from "./printed-as";
