import { parseDesignation, type FittedBearing } from "../../bearing";
import { parseCapacitorLabel } from "../../capacitor";
import { NO_FACTS, type Facts } from "../../facts";
import { toHouseFigures } from "../../house";
import { UNKNOWN_MOTOR, UNKNOWN_PLACE } from "../../match";
import type { SwapAction } from "../../exchange";
import { offerOf } from "./offer";
import { BLANK_EXCHANGE, BLANK_PIECE } from "./record";

const HOUSE = toHouseFigures({});
const QUESTION = { old: UNKNOWN_MOTOR, place: UNKNOWN_PLACE };
const bearing = (stamp: string): FittedBearing => {
  const read = parseDesignation(stamp);
  const size = read.ok ? read.value.candidates[0]?.size : undefined;
  if (!read.ok || !size) throw new Error(stamp);
  return { ...size, closure: read.value.closure, clearance: read.value.clearance };
};
const plate = (text: string): Partial<Facts> => {
  const read = parseCapacitorLabel(text);
  if (!read.ok) throw new Error(text);
  return { plateCapacitor: read.value };
};
/** Labels that are there once each was taken, one after another. */
const taken = (action: SwapAction, facts: Partial<Facts>, ...labels: readonly string[]) =>
  labels.reduce(
    (now, label) => {
      const place = { question: QUESTION, newMotor: null, facts: { ...NO_FACTS, ...facts }, house: HOUSE };
      const offer = offerOf(action, { ...BLANK_EXCHANGE, pieces: now.pieces }, { ...BLANK_PIECE, label }, place);
      return { pieces: [...offer.pieces], isTooSmall: offer.isTooSmall, back: offer.replaced.map((each) => each.label) };
    },
    { pieces: [BLANK_PIECE], isTooSmall: false, back: [] as string[] },
  );
const labelsOf = ({ pieces }: ReturnType<typeof taken>): string[] => pieces.map(({ label }) => label);

const ENDS = { bearings: { "drive-end": bearing("6203-2RS"), "other-end": bearing("6202-2RS") } } as Partial<Facts>;
test.each([
  ["both ends", ["6203-2RS", "6202-2RS"], ["6203-2RS", "6202-2RS"], []],
  [
    "another one of an end that is served stands instead of it",
    ["6203-2RS", "6202-2RS", "6203-2RS C3"],
    ["6202-2RS", "6203-2RS C3"],
    ["6203-2RS"],
  ],
  ["the same end twice", ["6203-2RS", "6203-2RS C3"], ["6203-2RS C3"], ["6203-2RS"]],
] as const)("bearings: %s", (_, labels, left, back) => {
  const now = taken("replace-bearings", ENDS, ...labels);
  expect(labelsOf(now)).toEqual(left);
  expect(now.back).toEqual(back);
});
test("where the old bearings are not named, two are enough", () =>
  expect(labelsOf(taken("replace-bearings", {}, "6203", "6202", "6204"))).toEqual(["6203", "6204"]));

test("a capacitor that is too small is joined by the next; one that is enough is replaced by it", () => {
  const place = plate("12.5 µF ±5 % 450 V");
  const short = taken("replace-run-capacitor", place, "10 µF ±5 % 450 V");
  expect(short.isTooSmall).toBe(true);
  expect(labelsOf(taken("replace-run-capacitor", place, "10 µF ±5 % 450 V", "2.5 µF ±5 % 450 V"))).toHaveLength(2);
  const full = taken("replace-run-capacitor", place, "12.5 µF ±5 % 450 V", "12.5 µF ±6 % 440 V");
  expect(labelsOf(full)).toEqual(["12.5 µF ±6 % 440 V"]);
  expect(full.back).toEqual(["12.5 µF ±5 % 450 V"]);
});
test("one value of a dual that is asked for waits for the other", () => {
  const place = plate("40+5 µF ±6 % 440 V");
  expect(taken("replace-run-capacitor", place, "40 µF ±6 % 440 V").isTooSmall).toBe(true);
  expect(labelsOf(taken("replace-run-capacitor", place, "40 µF ±6 % 440 V", "5 µF ±6 % 440 V"))).toHaveLength(2);
});
test("too few volts are no matter of joining", () =>
  expect(taken("replace-run-capacitor", plate("12.5 µF ±5 % 450 V"), "10 µF ±5 % 250 V").isTooSmall).toBe(false));
test("of motors and start gear one goes in at a time", () => {
  expect(labelsOf(taken("replace-motor", {}, "Orlane", "Tessky"))).toEqual(["Tessky"]);
  expect(labelsOf(taken("replace-start-relay", {}, "relay A", "relay B"))).toEqual(["relay B"]);
  expect(labelsOf(taken("repair-control", {}, "contactor", "overload"))).toEqual(["contactor", "overload"]);
});
