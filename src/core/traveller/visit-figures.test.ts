import { fieldAt, fieldPaths } from "../fields";
import { toHouseFigures } from "../house";
import { STATION_IDS, stationOf } from "../stations";
import { BLANK_SHEET } from "../match";
import { NO_RUN_ENTRIES } from "../motor";
import type { Quantity } from "../quantity";
import { BLANK_EXCHANGE, BLANK_PIECE } from "../stations/out-in";
import { readAt, entriesOf, type Parts } from "../../../tests/support/partial-card";
import { assessTraveller, minutesWorked, visitDeed, visitFigures } from ".";

const HOUSE = toHouseFigures({});
const BEFORE = "2026-11-28T09:00:00.000Z";
const FITTED = "2026-11-28T10:00:00.000Z";
const AFTER = "2026-11-28T10:30:00.000Z";
const read = (text: string, quantity: Quantity, at = BEFORE) => readAt(text, quantity, at);
const PLATE = {
  motorType: "psc",
  machineKind: "fan",
  volts: "230",
  hertz: "50",
  amps: "1.9",
  rpm: "1380",
  capacitor: "12.5 µF 450 V",
} as const;

function figures(parts: Parts) {
  const entries = entriesOf({ plate: PLATE, ...parts });
  return visitFigures(entries, assessTraveller(entries, HOUSE), HOUSE);
}
const insulation = (megohm: string, celsius: string | null, at = BEFORE): Parts["insulation"] => ({
  together: read("0", "insulation", at),
  apart: read("OL", "insulation", at),
  temperature: celsius === null ? null : read(celsius, "temperature", at),
  isDisconnected: true,
  cells: [{ a: "all", b: "frame", entry: read(megohm, "insulation", at) }],
});

test("nothing measured, nothing followed", () => expect(figures({})).toEqual([]));
test("insulation is followed at 40 °C: at 30 °C some 0.88 of it; without a temperature as it was read, and it says so", () => {
  expect(figures({ insulation: insulation("200M", "30") })).toMatchObject([
    { of: "insulation", value: expect.closeTo(175.4, 1) as number, isCorrected: true },
  ]);
  expect(figures({ insulation: insulation("200M", null) })).toMatchObject([{ of: "insulation", value: 2e2, isCorrected: false }]);
});
test("over the end of the tester's range there is no figure to follow", () =>
  expect(figures({ insulation: insulation("OL", "30") })).toEqual([]));
test("a card with a figure of a simulated motor is not followed, nor learnt from", () => {
  const at = { ...read("30.1", "capacitance") };
  const simulated = { ...at, reading: at.reading && { ...at.reading, origin: "simulation" as const } };
  const parts = (entry: typeof at): Parts => ({
    insulation: insulation("200M", "40"),
    capacitor: { label: "30 µF ±6 %", readings: [entry] },
    decide: { action: "replace-run-capacitor", reason: "x" },
  });
  const deed = (entry: typeof at) => {
    const entries = entriesOf({ plate: PLATE, ...parts(entry) });
    return visitDeed(entries, assessTraveller(entries, HOUSE));
  };
  expect(figures(parts(at))).toHaveLength(2);
  expect(figures(parts(simulated))).toEqual([]);
  expect(deed(at).works).toEqual(["replace-run-capacitor"]);
  expect(deed(simulated)).toMatchObject({ works: [], minutes: null, cause: null });
});
test("amps are percent of the plate of the motor they were taken on", () => {
  const motor = {
    ...BLANK_EXCHANGE,
    pieces: [{ ...BLANK_PIECE, sheet: { ...BLANK_SHEET, volts: "230", hertz: "50", amps: "2.5" } }],
    fittedAt: FITTED,
  };
  const found = figures({
    "run-test": { behaviour: "starts", lineAmps: read("2.09", "current") },
    decide: { action: "replace-motor", reason: "x" },
    "out-in": { works: { "replace-motor": motor } },
    prove: { after: { ...NO_RUN_ENTRIES, lineAmps: read("2.5", "current", AFTER) } },
  });
  expect(found.filter(({ of }) => of === "line-amps")).toMatchObject([
    { when: "found", value: expect.closeTo(110, 6) as number },
    { when: "after", value: expect.closeTo(100, 6) as number },
  ]);
});
test("what is read at a station once another motor is in is of that motor", () => {
  const swapped = {
    decide: { action: "replace-motor" as const, reason: "x" },
    "out-in": { works: { "replace-motor": { ...BLANK_EXCHANGE, pieces: [{ ...BLANK_PIECE, label: "Orlane" }], fittedAt: FITTED } } },
  };
  expect(figures({ ...swapped, insulation: insulation("200M", "40") })).toMatchObject([{ when: "found" }]);
  expect(figures({ ...swapped, insulation: insulation("200M", "40", AFTER) })).toMatchObject([{ when: "after" }]);
});

test("minutes are those between what was keyed, a break left out; a few moments say nothing", () => {
  const at = (minute: number) => new Date(Date.parse(BEFORE) + minute * 60_000).toISOString();
  const keyed = (...minutes: readonly number[]) =>
    entriesOf({
      windings: { pairs: minutes.map((minute, index) => ({ a: 0, b: index + 1, entry: read("12", "resistance", at(minute)) })) },
    });
  expect(minutesWorked(keyed(0, 4, 9, 14, 20, 25))).toBe(25);
  // Lunch between the third and the fourth.
  expect(minutesWorked(keyed(0, 4, 9, 75, 80, 85))).toBe(19);
  expect(minutesWorked(keyed(0, 4, 9))).toBeNull();
});
test.each([
  ["Kelvane 12.5 µF ±6 % 450 V", "Kelvane"],
  ["12.5 µF ±6 % 450 V", ""],
  ["µF of something", ""],
])("the maker of “%s” is “%s”", (label, maker) => {
  const entries = entriesOf({
    decide: { action: "replace-run-capacitor", reason: "x" },
    "out-in": { works: { "replace-run-capacitor": { ...BLANK_EXCHANGE, pieces: [{ ...BLANK_PIECE, label }] } } },
  });
  expect(visitDeed(entries, assessTraveller(entries, HOUSE))).toMatchObject({ works: ["replace-run-capacitor"], maker, cause: null });
});

/** Readings that no motor's page follows over the years, each with why. A new one is put here, or followed. */
const NOT_FOLLOWED: Readonly<Record<string, string>> = {
  "make-safe": "of that day's circuit alone",
  capacitor: "volts left on a part are of a moment",
  windings: "leads, temperatures and the hot pair serve the ohms",
  frame: "megohms are followed at Insulation",
  insulation: "the tester's own proof, and the temperature that serves the megohms",
  "start-gear": "a pattern, no figure that drifts",
  supply: "of the feed, not of the motor",
  "uncoupled-run": "amps without load are judged by the motor's own range",
};
/** Readings of a run that are followed. */
const OF_RUN = ["lineAmps", "speed", "shell", "coastDown"];
const NOT_OF_RUN: Readonly<Record<string, string>> = {
  supplyVolts: "of the feed",
  startAmps: "follows the capacitor, which is followed",
  capacitorVolts: "follows the capacitor, which is followed",
  startTime: "by hand, good to half a second",
};

test("every reading of a station is followed over the visits, or says why it is not", () => {
  const readings = STATION_IDS.flatMap((id) => {
    const { fields } = stationOf(id);
    return fieldPaths(fields).flatMap((path) => (fieldAt(fields, path)?.kind === "reading" ? [[id, path] as const] : []));
  });
  const isTold = ([id, path]: readonly [string, string]): boolean => {
    const last = path.split(".").at(-1) ?? "";
    return id in NOT_FOLLOWED || ((id === "run-test" || id === "prove") && (OF_RUN.includes(last) || last in NOT_OF_RUN));
  };
  expect(readings.length).toBeGreaterThan(40);
  expect(readings.filter((each) => !isTold(each))).toEqual([]);
});
