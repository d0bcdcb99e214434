import fc from "fast-check";
import { identifyThreeLeads, markLikeName, roleOfMark, type PairReading, type ThreeLeadInput } from "./three-leads";

const OPEN: PairReading = { kind: "open" };
/** ±(0.8 % + 2 digits of 0.1 Ω), the usual meter. */
const ohms = (ohm: number): PairReading => ({ kind: "ohms", ohm, standardUncertainty: (0.008 * ohm + 0.2) / Math.sqrt(3) });
const identify = (pairs: ThreeLeadInput["pairs"], change: Partial<ThreeLeadInput> = {}) =>
  identifyThreeLeads({
    pairs,
    marks: [null, null, null],
    leadOhm: 0.2,
    leadStandardOhm: 0.05,
    nearZeroOhm: 0.5,
    coverageFactor: 2,
    mayBeEqual: true,
    ...change,
  });

describe("identifyThreeLeads", () => {
  test("names common, run and start (largest is run to start)", () => {
    // Pairs 0-1, 1-2, 0-2.
    expect(identify([ohms(62.6), ohms(14.2), ohms(48.5)])).toMatchObject({
      kind: "named",
      roles: ["start", "run", "common"],
      sum: { decision: "holds" },
    });
    expect(identify([ohms(6.4), ohms(2.5), ohms(8.7)])).toMatchObject({ kind: "named", roles: ["start", "common", "run"] });
  });

  test("tells a mark that the readings contradict", () => {
    const marks: ThreeLeadInput["marks"] = ["common", "run", "start"];
    expect(identify([ohms(8.9), ohms(31.3), ohms(22.6)], { marks })).toMatchObject({ kind: "named", conflicts: [] });
    expect(identify([ohms(31.3), ohms(8.9), ohms(22.6)], { marks })).toMatchObject({ kind: "named", conflicts: [0, 2] });
  });

  test("cannot tell run from start when both windings are alike", () => {
    expect(identify([ohms(12), ohms(23.9), ohms(12.1)])).toMatchObject({ kind: "order-unclear", common: 0 });
  });

  test("cannot tell common when the two largest are alike", () => {
    expect(identify([ohms(0.9), ohms(40.1), ohms(40.3)])).toMatchObject({ kind: "common-unclear" });
  });

  test("three readings that do not add up are told, not named", () => {
    expect(identify([ohms(8.9), ohms(41.3), ohms(22.6)])).toMatchObject({ kind: "sum-off", sum: { decision: "out" } });
  });

  test.each<[string, ThreeLeadInput["pairs"], object]>([
    ["common open", [OPEN, ohms(6.8), OPEN], { kind: "lead-open", lead: 0, reads: 1, role: "common" }],
    ["run open", [OPEN, OPEN, ohms(22)], { kind: "lead-open", lead: 1, reads: 2, role: "run" }],
    ["start open", [ohms(9), OPEN, OPEN], { kind: "lead-open", lead: 2, reads: 0, role: "start" }],
    ["everything open", [OPEN, OPEN, OPEN], { kind: "all-open" }],
    ["one open among two that read", [ohms(9), OPEN, ohms(22)], { kind: "impossible-open", pair: 1 }],
    ["a short", [ohms(0.4), ohms(7.4), ohms(7.6)], { kind: "shorted", pair: 0 }],
    ["all near zero", [ohms(0.3), ohms(0.2), ohms(0.4)], { kind: "all-near-zero" }],
    ["one still to do", [ohms(9), null, null], { kind: "need-more", next: 1 }],
  ])("%s", (_name, pairs, expected) => {
    expect(identify(pairs, { marks: ["common", "run", "start"] })).toMatchObject(expected);
  });

  test("an open lead without marks stays open between its meanings", () => {
    expect(identify([OPEN, ohms(6.8), OPEN])).toMatchObject({ kind: "lead-open", role: null });
  });

  test("low ohms of a large motor are a winding, not a short, while the other two differ by them", () => {
    const fine = (ohm: number): PairReading => ({ kind: "ohms", ohm, standardUncertainty: 0.01 });
    expect(identify([fine(0.4), fine(2.3), fine(1.9)], { leadOhm: 0, leadStandardOhm: 0.005 })).toMatchObject({
      kind: "named",
      roles: ["common", "run", "start"],
    });
  });

  test("a sound motor is named right for any resistances the meter can part", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 40, noNaN: true }),
        fc.double({ min: 1.4, max: 4, noNaN: true }),
        fc.constantFrom(0, 1, 2),
        (run, ratio, common) => {
          const start = run * ratio;
          const lead = 0.2;
          const [other, third] = [0, 1, 2].filter((each) => each !== common) as [number, number];
          // `other` is run, `third` is start.
          const between = (a: number, b: number): number => {
            const ends = [a, b];
            if (!ends.includes(common)) return run + start + lead;
            return (ends.includes(other) ? run : start) + lead;
          };
          const answer = identify([ohms(between(0, 1)), ohms(between(1, 2)), ohms(between(0, 2))]);
          return (
            answer.kind === "named" && answer.roles[common] === "common" && answer.roles[other] === "run" && answer.roles[third] === "start"
          );
        },
      ),
      { seed: 5, numRuns: 300 },
    );
  });
});

test.each([
  ["C", "C", "common"],
  ["run", "R", "run"],
  [" Start ", "S", "start"],
  ["herm", "S", "start"],
  ["fast", "HI", null],
  ["brown", null, null],
  ["1", null, null],
  ["", null, null],
])("a lead named %s looks like the mark %s: %s", (name, mark, role) => {
  expect(markLikeName(name)).toBe(mark);
  expect(roleOfMark(markLikeName(name))).toBe(role);
});
