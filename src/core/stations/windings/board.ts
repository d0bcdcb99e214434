import type { Facts } from "../../facts";
import type { HouseFigures } from "../../house";
import { figureOf, type Entry } from "../../quantity";
import type { Board, BoardQuestion, BoardReading } from "../../winding";
import type { WindingsRecord } from "./record";

/** The test leads: measured, or as the house takes them. */
export interface TestLeads {
  readonly ohm: number;
  readonly standardOhm: number;
  readonly isNulled: boolean;
}

export function testLeadsOf(record: WindingsRecord, house: HouseFigures): TestLeads {
  const ohm = figureOf(record.testLeads)?.value ?? null;
  // Once measured, what is left of the leads is how well they are pressed on, and the meter's last digit.
  return ohm === null
    ? { ohm: house.leadResistanceOhm, standardOhm: house.leadSpreadOhm, isNulled: false }
    : { ohm, standardOhm: house.leadSpreadOhm / 2, isNulled: true };
}

/** A keyed pair as the solver takes it; `>550M` is no path as much as `OL` is. Null while it cannot be read. */
export function toBoardReading(a: number, b: number, entry: Entry): BoardReading | null {
  const { reading } = entry;
  if (!reading) return null;
  const figure = figureOf(entry);
  const pair = { a, b, ...(entry.isSure === true ? { isSure: true } : {}) };
  if (figure === null) return { ...pair, kind: "open" };
  if (reading.quantity === "capacitance") return { ...pair, kind: "capacitance", capacitanceUf: figure.value };
  return { ...pair, kind: "ohms", ohm: figure.value, standardUncertainty: figure.standardUncertainty };
}

function toBoard(record: WindingsRecord, house: HouseFigures): Board {
  const leads = testLeadsOf(record, house);
  return {
    posts: record.posts.length,
    hasFrame: record.hasFrame,
    leadOhm: leads.ohm,
    leadStandardOhm: leads.standardOhm,
    readings: record.pairs.flatMap(({ a, b, entry }) => toBoardReading(a, b, entry) ?? []),
  };
}

type MotorFacts = Pick<Facts, "motorType" | "machineKind">;

const ONE_WAY: readonly Facts["machineKind"][] = ["hermetic-compressor", "belt-compressor", "pump"];

/** Windings equal on purpose are of reversible PSC motors; a compressor or a pump never turns the other way. */
export const mayBeEqual = ({ motorType, machineKind }: MotorFacts): boolean =>
  (motorType === "psc" || motorType === "unknown") && !ONE_WAY.includes(machineKind);

/** The question a record asks of the solver; null for three leads, which are named at once, and while nothing was read. */
export function toQuestion(record: WindingsRecord, house: HouseFigures, facts: MotorFacts): BoardQuestion | null {
  const board = toBoard(record, house);
  if (isTriangle(record) || board.readings.length === 0) return null;
  return { board, marks: record.posts.map(({ mark }) => mark), motorType: facts.motorType, mayBeEqual: mayBeEqual(facts) };
}

/** Three leads without the frame: common, run and start from three readings. */
export const isTriangle = (record: WindingsRecord): boolean => record.posts.length === 3 && !record.hasFrame;
