import fc from "fast-check";
import { parseReading } from "../quantity";
import { rememberStudy } from "../study";
import { studyNow } from "../study/answer";
import { takeJob } from "../technicians";
import type { Suspect } from "../trade";
import {
  actOn,
  bitsTold,
  caseOfDay,
  codeOfCase,
  familyOfWish,
  LESSONS,
  marksOf,
  MOCK_LEVELS,
  mockCase,
  newPartPlace,
  nextCase,
  progressOf,
  readCaseCode,
  safePlaces,
  SEEDS,
  TIP_TESTS,
  tipPlaces,
  WISHES,
  worldAfter,
  type DoneAct,
  type MockAct,
  type MockResult,
  type MockSpec,
} from ".";
import { beginWorld } from "./world";

const AT = "2026-12-02T10:00:00.000Z";
const specs = fc.record<MockSpec>({
  seed: fc.integer({ min: 0, max: SEEDS - 1 }),
  level: fc.constantFrom(...MOCK_LEVELS),
  wish: fc.option(fc.constantFrom(...WISHES), { nil: null }),
});
const done = (...acts: MockAct[]): DoneAct[] => acts.map((act) => ({ act, at: AT }));
const caseOf = (wish: MockSpec["wish"], seed = 5) => mockCase({ seed, level: "plain", wish });

test("a code makes the same case again, however it is typed", () => {
  fc.assert(
    fc.property(specs, (spec) => {
      const code = codeOfCase(spec);
      expect(code).toMatch(/^[0-9A-Z]{4}-[0-9A-Z]{4}$/);
      expect(readCaseCode(code)).toEqual({ ok: true, value: spec });
      expect(readCaseCode(` ${code.toLowerCase().replace("-", " ").replaceAll("0", "o").replaceAll("1", "l")}`)).toEqual({
        ok: true,
        value: spec,
      });
    }),
    { numRuns: 500, seed: 1 },
  );
});

test("a code with one wrong sign, or two neighbours exchanged, is none", () => {
  const digits = "0123456789ABCDEFGHJKMNPQRSTVWXYZ";
  fc.assert(
    fc.property(specs, fc.nat({ max: 7 }), fc.integer({ min: 1, max: 31 }), (spec, place, by) => {
      const plain = [...codeOfCase(spec).replace("-", "")];
      const [sign = "", next = ""] = plain.slice(place);
      const wrong = plain.with(place, digits[(digits.indexOf(sign) + by) % 32] ?? "0").join("");
      expect(readCaseCode(wrong)).toMatchObject({ ok: false, failure: { code: "mock-code" } });
      if (next !== "" && next !== sign)
        expect(
          readCaseCode(
            plain
              .with(place, next)
              .with(place + 1, sign)
              .join(""),
          ).ok,
        ).toBe(false);
    }),
    { numRuns: 500, seed: 2 },
  );
  for (const text of ["", "0", "ABC", "UUUU-UUUU", "0000-00000", "not a code"]) expect(readCaseCode(text).ok).toBe(false);
});

test.each(WISHES)("%s is hidden where it is wished for, and nothing else", (wish) => {
  const { flaws, place, complaints } = caseOf(wish);
  expect(flaws.map(({ id }) => id)).toEqual(wish === "nothing" ? [] : [wish]);
  expect(place.purpose).toBe("fault");
  expect(complaints.length).toBeGreaterThan(0);
});

test("two thousand cases: a story always, figures that can be read, at every station and level", () => {
  for (let seed = 0; seed < 2000; seed += 1) {
    const hidden = mockCase({ seed, level: MOCK_LEVELS[seed % 3] ?? "plain", wish: null });
    expect(hidden.complaints.length).toBeGreaterThan(0);
    const world = beginWorld(hidden);
    for (const [station, tests] of Object.entries(TIP_TESTS))
      for (const each of tests)
        for (const { entry, quantity } of tipPlaces(world, station as "windings", each, AT)) {
          expect(entry.text).not.toMatch(/NaN|undefined|Infinity/);
          expect(parseReading(entry.text, quantity).ok).toBe(true);
        }
  }
});

test("tips at the circuit show the line until it is switched off", () => {
  const circuit = (wish: MockSpec["wish"], isLive: boolean) =>
    safePlaces({ ...beginWorld(caseOf(wish)), isLive }, AT).find(({ id }) => id === "circuit")?.entry.reading?.value ?? 0;
  expect(circuit("run-weak", true)).toBeGreaterThan(100);
  expect(circuit("run-weak", false)).toBeLessThan(1);
  expect(circuit("supply-absent", true)).toBeLessThan(1);
});

test("both capacitors have a place; three pairs, three leads", () => {
  const world = beginWorld(mockCase({ seed: 3, level: "plain", wish: "relay-open" }));
  const ids = (station: "capacitor" | "windings" | "frame") =>
    tipPlaces(world, station, TIP_TESTS[station]?.[0] ?? "look", AT).map(({ id }) => id);
  expect(ids("capacitor")).toEqual(["readings.0", "second.readings.0"]);
  expect(ids("windings")).toEqual(["0-1", "1-2", "0-2"]);
  expect(ids("frame")).toEqual(["lead-0", "lead-1", "lead-2"]);
});

test("instruments that are put on one after another share a start; whoever watches once more starts it once more", () => {
  const jammed = caseOf("load-jammed", 9);
  const clamps: MockAct[] = (["run-amps", "start-winding-amps", "speed"] as const).map((test) => ({ kind: "tips", test }));
  expect(worldAfter(jammed, done(...clamps)).hidden.stalls).toBe(1);
  const watched: MockAct = { kind: "test", test: "noise" };
  expect(worldAfter(jammed, done(...clamps, watched, watched)).mishaps.map(({ what }) => what)).toEqual(["locked-tries"]);
});

test.each<[string, MockAct[], string[]]>([
  ["nothing, when it is off first", [{ kind: "off" }, { kind: "test", test: "look" }, { kind: "tips", test: "winding-ohms" }], []],
  ["hands in a live motor", [{ kind: "test", test: "look" }], ["live-hands"]],
  ["tips on ohms of a live motor", [{ kind: "tips", test: "winding-ohms" }], ["live-hands"]],
  ["a part put in live", [{ kind: "work", work: "replace-run-capacitor", label: "" }], ["live-work"]],
  ["power on a motor that lies open", [{ kind: "off" }, { kind: "apart" }, { kind: "on" }], ["open-power"]],
  ["power once it is closed again", [{ kind: "off" }, { kind: "apart" }, { kind: "closed" }, { kind: "on" }], []],
  ["a run without power", [{ kind: "off" }, { kind: "test", test: "noise" }], []],
])("%s", (_, acts, mishaps) => expect(worldAfter(caseOf("run-weak"), done(...acts)).mishaps.map(({ what }) => what)).toEqual(mishaps));

test("a third try on a rotor that stands is told, and a fourth hurts the windings", () => {
  const tries = (count: number) =>
    worldAfter(caseOf("load-jammed", 9), done(...Array.from({ length: count }, (): MockAct => ({ kind: "test", test: "noise" }))));
  expect(tries(2).mishaps).toEqual([]);
  expect(tries(3).mishaps.map(({ what }) => what)).toEqual(["locked-tries"]);
  expect(tries(4).hidden.flaws.map(({ id }) => id)).toContain("shorted-turns");
});

test("a capacitor of too few volts bursts at the first start; the right one mends", () => {
  const hidden = caseOf("run-open");
  const fitted = (label: string) =>
    worldAfter(hidden, done({ kind: "off" }, { kind: "work", work: "replace-run-capacitor", label }, { kind: "on" }));
  expect(fitted("10 µF 440 V").hidden.flaws).toEqual([]);
  const burst = fitted("10 µF 50 V");
  expect(burst.mishaps.map(({ what }) => what)).toEqual(["burst"]);
  expect(burst.hidden.flaws).toHaveLength(1);
});

test("an act shows what its test shows, and takes its minutes", () => {
  const world = { ...beginWorld(caseOf("bearing-seized")), isLive: false };
  const after = actOn(world, { kind: "test", test: "hand-turn" }, AT);
  expect(after.seen?.data).toMatchObject({ turn: expect.stringMatching(/^(?:seized|tight)$/) });
  expect(after.world.minutes).toBeGreaterThan(0);
});

test("marks: right, safe, quick, proven, each by itself", () => {
  const world = worldAfter(caseOf("run-open"), done({ kind: "off" }));
  const told = { isProven: true, followedMinutes: 27 };
  expect(marksOf(world, ["replace-run-capacitor"], told)).toEqual({ isRight: true, isSafe: true, isQuick: true, isProven: true });
  expect(marksOf(world, ["replace-motor"], told).isRight).toBe(false);
  expect(marksOf(world, [], told).isRight).toBe(false);
  expect(marksOf({ ...world, minutes: 90 }, [], { ...told, isProven: false })).toMatchObject({ isQuick: false, isProven: false });
  expect(marksOf({ ...world, minutes: 90 }, [], { ...told, followedMinutes: null }).isQuick).toBe(true);
  expect(marksOf(worldAfter(caseOf("nothing"), []), ["no-repair"], told).isRight).toBe(true);
});

const result = (family: Suspect | null, isRight: boolean, day: number): MockResult => ({
  code: "0000-0000",
  at: new Date(Date.UTC(2026, 10, day)).toISOString(),
  family,
  minutes: 20,
  marks: { isRight, isSafe: true, isQuick: true, isProven: true },
});

test("progress: the last three of each family, the weakest first", () => {
  const results = [1, 2, 3, 4]
    .map((day) => result("run-capacitor", day > 1, day))
    .concat(result("bearing-worn", false, 5), result(null, true, 6));
  expect(progressOf(results)).toEqual([
    { family: "bearing-worn", cases: 1, right: 0, of: 1 },
    { family: "run-capacitor", cases: 4, right: 3, of: 3 },
    { family: null, cases: 1, right: 1, of: 1 },
  ]);
});

test("families that went wrong come oftener, and those known come again after ever longer", () => {
  const now = Date.UTC(2026, 10, 20);
  const share = (results: readonly MockResult[], family: Suspect, nowMs = now): number =>
    Array.from({ length: 600 }, (_, seed) => nextCase(results, "plain", seed, nowMs)).filter(
      ({ wish }) => wish !== null && familyOfWish(wish) === family,
    ).length;
  const weak = share([result("bearing-worn", false, 19)], "bearing-worn");
  const known = share([result("bearing-worn", true, 19)], "bearing-worn");
  const due = share([result("bearing-worn", true, 19)], "bearing-worn", now + 5 * 86_400_000);
  const twice = share([result("bearing-worn", true, 18), result("bearing-worn", true, 19)], "bearing-worn", now + 2 * 86_400_000);
  expect(weak).toBeGreaterThan(due);
  expect(due).toBeGreaterThan(known);
  expect(due).toBeGreaterThan(twice);
});

test("the case of the day is everybody's, and another tomorrow", () => {
  expect(caseOfDay("2026-12-02")).toEqual(caseOfDay("2026-12-02"));
  expect(caseOfDay("2026-12-02")).not.toEqual(caseOfDay("2026-12-03"));
});

test("twelve lessons, each with a code and a case of its own", () => {
  expect(LESSONS).toHaveLength(12);
  expect(new Set(LESSONS.map(({ spec }) => codeOfCase(spec))).size).toBe(12);
  for (const { spec } of LESSONS) expect(mockCase(spec).flaws.map(({ id }) => id)).toEqual(spec.wish === "nothing" ? [] : [spec.wish]);
});

test("bits: nothing for what changes nothing, one for a half that falls away", () => {
  const of = (...rows: [Suspect, number][]) => ({ hypotheses: rows.map(([suspect, probability]) => ({ faults: [suspect], probability })) });
  const even = of(["run-capacitor", 0.5], ["supply", 0.5]);
  expect(bitsTold(even, even)).toBe(0);
  expect(bitsTold(even, of(["run-capacitor", 1], ["supply", 0]))).toBeCloseTo(1);
  expect(bitsTold(of(), of(["run-capacitor", 1]))).toBeGreaterThan(5);
});

test("whoever follows the advice solves the plain lessons, and every case ends", () => {
  const study = rememberStudy(studyNow);
  const ways = LESSONS.map(({ spec }) => takeJob(mockCase(spec), "follows", study));
  expect(ways.every(({ isRight }) => isRight)).toBe(true);
  for (const { minutes, decided } of ways) {
    expect(minutes).toBeGreaterThan(3);
    expect(decided.length).toBeGreaterThan(0);
  }
});

test.each([
  ["35 µF ±6 % 440 V", 35, 0.06],
  ["189–227 µF 250 V", 208, 0.1],
] as const)("a new %s is read before it goes in, and lies within its label", (label, nominalUf, tolerance) => {
  const place = newPartPlace(beginWorld(caseOf("run-open")), label, AT);
  expect(Math.abs((place?.entry.reading?.value ?? 0) / nominalUf - 1)).toBeLessThan(tolerance);
  expect(newPartPlace(beginWorld(caseOf("run-open")), "no label", AT)).toBeNull();
});
