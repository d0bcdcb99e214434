import { STATIONS, type StationData } from "../stations";
import { chanceFrom } from "./chance";
import type { DrawnMotor } from "./drawn-motor";
import { labelOf } from "./observe";
import type { HiddenCase } from "./told";

type Plate = StationData<"plate">;

/** What cannot be read any more on a worn plate, and on none at all. */
const WORN: readonly (keyof Plate)[] = ["amps", "power", "rpm", "capacitor", "hertz"];
const WORN_SHARE = 0.4;
const ALL_PRINTED = ["volts", "hertz", "amps", "rpm", "power", "capacitor", "secondCapacitor"] as const;

function printedOn({ machine, plate, dual, foreign }: DrawnMotor): Partial<Plate> {
  const { amps, rpm, powerW } = plate;
  if (foreign === "three-phase") return { volts: "3~ 400", hertz: "50", amps: String(amps), rpm: String(rpm), power: `${powerW} W` };
  if (foreign === "electronic") return { volts: "EC 230", hertz: "50/60", amps: String(amps), power: `${powerW} W`, rpm: String(rpm) };
  const parts = [
    machine.runCapacitor ? labelOf(machine.runCapacitor.capacitanceUf, "run") : null,
    machine.startCapacitor ? labelOf(machine.startCapacitor.capacitanceUf, "start") : null,
  ].filter((part) => part !== null);
  return {
    volts: dual?.volts ?? String(plate.volts),
    hertz: String(plate.hertz),
    amps: dual?.amps ?? String(plate.amps),
    rpm: String(plate.rpm),
    power: `${plate.powerW} W`,
    capacitor: parts[0] ?? "",
    secondCapacitor: parts[1] ?? "",
  };
}

/** What is left of a plate: worn ones lack a field here and there, a missing one lacks all. */
function legible(printed: Partial<Plate>, { motor, seed }: HiddenCase): Partial<Plate> {
  const { next } = chanceFrom(seed + 41);
  if (motor.printed === "missing") return Object.fromEntries(ALL_PRINTED.map((field) => [field, ""]));
  if (motor.printed !== "worn") return printed;
  return { ...printed, ...Object.fromEntries(WORN.filter(() => next() < WORN_SHARE).map((field) => [field, ""])) };
}

/**
 * Complaint and plate as they stand when the visit begins.
 * @param hidden the case with its hidden faults
 * @returns records of both stations
 */
export function opening(hidden: HiddenCase): { readonly [Id in "complaint" | "plate"]: StationData<Id> } {
  const { motor, complaints, course, after, place } = hidden;
  return {
    complaint: {
      ...STATIONS.complaint.blank,
      complaints: [...complaints],
      course: [...course],
      after: [...after],
      purpose: place.purpose === "fault" ? null : place.purpose,
    },
    plate: {
      ...STATIONS.plate.blank,
      motorType: motor.foreign ? "unknown" : motor.type,
      machineKind: motor.kind,
      drive: motor.kind === "hermetic-compressor" ? null : motor.hasBelt ? "belt" : "direct",
      ...legible(printedOn(motor), hidden),
    },
  };
}
