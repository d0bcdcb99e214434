import { ratedUfOf, type CapacitorLabel } from "../../capacitor";
import type { Facts } from "../../facts";
import { readPlace, readSheet, type MatchQuestion, type MotorSpec, type OwnCapacitor } from "../../match";
import { speedAndPoles } from "../../motor";
import { absenceOf } from "../../relevance";
import type { OutInRecord } from "./record";

function capacitorOf(facts: Facts): OwnCapacitor | null {
  const label: CapacitorLabel | null = facts.plateCapacitor ?? facts.fittedCapacitor;
  const [section] = label?.sections ?? [];
  if (section) return { kind: "one", uf: ratedUfOf(section), ratedV: label?.ratedV ?? null };
  return absenceOf("capacitor", facts) === null ? null : { kind: "none" };
}

/** The old motor as its plate says it, for what nobody wrote at the match. */
function ofPlate(facts: Facts): Partial<MotorSpec> {
  const { motorType, supplyBand, fullLoadA, frequencyHz, powerW, fullLoadRpm, hasSleeves, bearings } = facts;
  return {
    type: motorType === "unknown" ? null : motorType,
    connections: supplyBand === null ? [] : [{ lowV: supplyBand[0], highV: supplyBand[1], fullLoadA }],
    hertz: frequencyHz === null ? [] : [frequencyHz],
    powerW,
    rpm: fullLoadRpm,
    poles: fullLoadRpm !== null && frequencyHz !== null ? (speedAndPoles(fullLoadRpm, frequencyHz)?.poles ?? null) : null,
    capacitor: capacitorOf(facts),
    bearings: Object.keys(bearings).length > 0 ? "ball" : hasSleeves === true ? "sleeve" : null,
  };
}

const isKnown = (value: unknown): boolean => value !== null && !(Array.isArray(value) && value.length === 0);

/**
 * The motor that was there, and its place: what was written at the match stands before what the plate says.
 * @param record what was keyed
 * @param facts what the card knows of the motor
 * @returns what candidates are held against
 */
export function oldMotor(record: OutInRecord, facts: Facts): Omit<MatchQuestion, "candidate"> {
  const { spec } = readSheet(record.old);
  const plate = ofPlate(facts) as MotorSpec;
  const old = Object.fromEntries(
    (Object.keys(spec) as (keyof MotorSpec)[]).map((key) => [key, isKnown(spec[key]) || !(key in plate) ? spec[key] : plate[key]]),
  ) as unknown as MotorSpec;
  return {
    old: { ...old, rotation: record.rotationAsked ?? record.rotationBefore ?? old.rotation },
    place: readPlace(record.place, facts.machineKind),
  };
}
