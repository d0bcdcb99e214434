import * as v from "valibot";
import { parseCapacitorLabel, type CapacitorLabel } from "../../capacitor";
import {
  INSULATION_CLASSES,
  MACHINE_KINDS,
  MOTOR_TYPES,
  parsePower,
  speedAndPoles,
  synchronousRpm,
  type InsulationClass,
  type SpeedAndPoles,
} from "../../motor";
import { fail, ok, type Failure, type Result } from "../../result";
import { formatNumber } from "../../quantity";
import { defineStation, plainAssessment, type WorkingStep } from "../contract";
import { PrintedSchema } from "../fields";
import { parsePlateNumber, PLATE_NUMBERS } from "./plate-number";

const schema = v.object({
  motorType: v.picklist(MOTOR_TYPES),
  machineKind: v.picklist(MACHINE_KINDS),
  volts: PrintedSchema,
  hertz: PrintedSchema,
  power: PrintedSchema,
  amps: PrintedSchema,
  rpm: PrintedSchema,
  capacitor: PrintedSchema,
  duty: PrintedSchema,
  /** of the motor, about, in years */
  age: PrintedSchema,
  insulationClass: v.union([v.picklist(Object.keys(INSULATION_CLASSES) as [InsulationClass, ...InsulationClass[]]), v.literal("")]),
});
export type PlateRecord = v.InferOutput<typeof schema>;
export type PlateField = Exclude<keyof PlateRecord, "motorType" | "machineKind">;

export interface PlateDetail {
  readonly failures: Partial<Record<PlateField, Failure>>;
  readonly filled: number;
  readonly total: number;
  readonly supplyV: number | null;
  readonly frequencyHz: number | null;
  readonly powerW: number | null;
  readonly fullLoadA: number | null;
  readonly fullLoadRpm: number | null;
  readonly speed: SpeedAndPoles | null;
  readonly capacitor: CapacitorLabel | null;
  readonly hotSpotC: number | null;
  readonly ageYears: number | null;
}

const FIELDS: readonly PlateField[] = ["volts", "hertz", "power", "amps", "rpm", "capacitor", "duty", "insulationClass", "age"];

const optional = <T>(text: string, parse: (text: string) => Result<T, Failure>): Result<T | null, Failure> =>
  text.trim() === "" ? ok(null) : parse(text);

function parseSpeed(text: string, frequencyHz: number | null): Result<number | null, Failure> {
  const rpm = parsePlateNumber(text, PLATE_NUMBERS.rpm);
  if (!rpm.ok || rpm.value === null) return rpm;
  const maxRpm = synchronousRpm(frequencyHz ?? 60, 2);
  return rpm.value > maxRpm ? fail({ code: "rpm-above-synchronous", rpm: rpm.value, maxRpm, frequencyHz: frequencyHz ?? 60 }) : rpm;
}

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
  schema,
  blank: {
    motorType: "unknown",
    machineKind: "other",
    volts: "",
    hertz: "",
    power: "",
    amps: "",
    rpm: "",
    capacitor: "",
    duty: "",
    age: "",
    insulationClass: "",
  } as PlateRecord,
  assess(record) {
    const volts = parsePlateNumber(record.volts, PLATE_NUMBERS.volts);
    const hertz = parsePlateNumber(record.hertz, PLATE_NUMBERS.hertz);
    const amps = parsePlateNumber(record.amps, PLATE_NUMBERS.amps);
    const power = optional(record.power, parsePower);
    const frequencyHz = hertz.ok ? hertz.value : null;
    const rpm = parseSpeed(record.rpm, frequencyHz);
    const age = parsePlateNumber(record.age, PLATE_NUMBERS.age);
    const capacitor = optional(record.capacitor, parseCapacitorLabel);
    const results: Partial<Record<PlateField, Result<unknown, Failure>>> = {
      volts,
      hertz,
      amps,
      power,
      rpm,
      capacitor,
      age,
    };
    const failures = Object.fromEntries(
      Object.entries(results).flatMap(([field, result]) => (result.ok ? [] : [[field, result.failure]])),
    ) as PlateDetail["failures"];
    const fullLoadRpm = rpm.ok ? rpm.value : null;
    const speed = fullLoadRpm !== null && frequencyHz !== null ? speedAndPoles(fullLoadRpm, frequencyHz) : null;
    const filled = FIELDS.filter((field) => record[field].trim() !== "").length + (record.motorType === "unknown" ? 0 : 1);
    const detail: PlateDetail = {
      failures,
      filled,
      total: FIELDS.length + 1,
      supplyV: volts.ok ? volts.value : null,
      frequencyHz,
      powerW: power.ok ? power.value : null,
      fullLoadA: amps.ok ? amps.value : null,
      fullLoadRpm,
      speed,
      capacitor: capacitor.ok ? capacitor.value : null,
      ageYears: age.ok ? age.value : null,
      hotSpotC: record.insulationClass === "" ? null : INSULATION_CLASSES[record.insulationClass],
    };
    return plainAssessment(filled === 0 && record.machineKind === "other" ? "not-done" : "noted", detail, {
      facts: {
        motorType: record.motorType,
        machineKind: record.machineKind,
        supplyV: detail.supplyV,
        frequencyHz,
        powerW: detail.powerW,
        fullLoadA: detail.fullLoadA,
        fullLoadRpm: detail.fullLoadRpm,
        plateCapacitor: detail.capacitor,
        hotSpotC: detail.hotSpotC,
        ageYears: detail.ageYears,
      },
      working: speed && fullLoadRpm !== null && frequencyHz !== null ? [speedWorking(fullLoadRpm, frequencyHz, speed)] : [],
    });
  },
});
