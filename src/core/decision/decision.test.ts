import { ACTIONS, SUSPECTS, type Suspect } from "../trade";
import fc from "fast-check";
import { type Finding, type Hypothesis } from "../diagnosis";
import { toHouseFigures } from "../house";
import { ACTION_TABLE } from "./actions";
import { CAUSES, causesOf, checksBefore } from "./causes";
import { costGiven, costModel, failureWithin, isCovered, UNKNOWN_LIFE, type JobTerms } from "./cost-model";
import { customOptions } from "./custom-motor";
import { findHinge } from "./hinge";
import { rankActions } from "./rank-actions";
import type { DecisionQuestion } from "./question";
import { simulateDecision } from "./simulate";
import { MEASURE_DAYS, MEASURES, MEASURES_FOR } from "./temporary";
import { howMany } from "../../../tests/support/how-many";

const HOUSE = toHouseFigures({});
const MODEL = costModel(HOUSE, { machine: "fan" });
const of = (...rows: readonly (readonly [readonly Suspect[], number])[]): Hypothesis[] =>
  rows.map(([faults, probability]) => ({ faults, probability }));

describe("costs", () => {
  test("chance of failing within the horizon, by the exponential law", () => {
    expect(failureWithin(5, 10)).toBeCloseTo(0.3935, 4);
    expect(failureWithin(0, 10)).toBe(0);
  });
  test("a cured motor costs its work, an uncured one coming back and the right work too", () => {
    const capacitor = MODEL.actions.find(({ action }) => action === "replace-run-capacitor");
    if (!capacitor) throw new Error("no capacitor");
    const cured = costGiven(capacitor, ["run-capacitor"], MODEL);
    const missed = costGiven(capacitor, ["ground-fault"], MODEL);
    expect(cured).toBeLessThan(capacitor.partCost + capacitor.labourCost + capacitor.renewalCost + 10);
    expect(missed - cured).toBeGreaterThan(HOUSE.callbackCost);
  });
  test("an old motor is worth less money put into it, and a machine near its end too", () => {
    const gap = (motorAgeYears: number, machineYearsLeft: number | null = null): number => {
      const { actions } = costModel(HOUSE, { machine: "fan" }, { motorAgeYears, machineYearsLeft });
      const of = (id: string) => actions.find(({ action }) => action === id)?.renewalCost ?? NaN;
      return of("replace-bearings") - of("replace-motor");
    };
    expect(gap(11)).toBeGreaterThan(gap(2));
    expect(gap(11, 1)).toBeLessThan(gap(11, 8));
  });
  test("a welded shell is handed on, never opened", () => {
    const actions = costModel(HOUSE, { machine: "hermetic-compressor" }).actions.map(({ action }) => action);
    expect(actions).toContain("refer");
    expect(actions).not.toContain("replace-bearings");
    expect(actions).not.toContain("replace-motor");
    expect(actions).not.toContain("free-load");
  });
  test("what follows a failed try on a welded shell costs what licensed trade does, not another motor", () => {
    const welded = costModel(HOUSE, { machine: "hermetic-compressor" });
    expect(welded.followUp(["bearing-seized"])).toBeGreaterThanOrEqual(HOUSE.licensedPrice);
    expect(welded.followUp(["driven-load"])).toBeGreaterThanOrEqual(HOUSE.licensedPrice);
    expect(MODEL.followUp(["bearing-seized"])).toBeLessThan(HOUSE.licensedPrice);
  });
  test("work that seldom cures is never first because it is cheap", () => {
    const model = costModel(HOUSE, { machine: "hermetic-compressor" });
    const belief = of([["bearing-seized"], 0.6], [["driven-load"], 0.33], [["run-capacitor"], 0.07]);
    const [first, ...others] = rankActions(belief, model);
    expect(first?.action).toBe("refer");
    expect(others.some(({ action, expectedCost }) => action === "replace-run-capacitor" && expectedCost < (first?.expectedCost ?? 0))).toBe(
      true,
    );
  });
  test("nothing is ever NaN or negative", () => {
    const faults = fc.subarray([...SUSPECTS], { maxLength: 2 });
    fc.assert(
      fc.property(
        faults,
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0.1, max: 40, noNaN: true }),
        (set, motorAgeYears, machineYearsLeft) => {
          const model = costModel(HOUSE, { machine: "pump" }, { motorAgeYears, machineYearsLeft });
          for (const costs of model.actions) expect(costGiven(costs, set, model)).toBeGreaterThanOrEqual(0);
        },
      ),
      { seed: 11 },
    );
  });
});

describe("rankActions", () => {
  test("the best is the cheapest on average, and prices move it", () => {
    const belief = of([["bearing-worn"], 0.9], [["ground-fault"], 0.1]);
    expect(rankActions(belief, MODEL)[0]?.action).toBe("replace-bearings");
    expect(rankActions(belief, costModel(toHouseFigures({ motorPrice: 10, bearingsPrice: 300 }), { machine: "fan" }))[0]?.action).toBe(
      "replace-motor",
    );
  });
  test("an action that mends nothing likely is not offered", () => {
    expect(rankActions(of([["supply"], 1]), MODEL).map(({ action }) => action)).toEqual(["repair-wiring-or-supply"]);
  });
  test("two faults that no one work mends are mended on one visit", () => {
    const [first] = rankActions(of([["run-capacitor", "bearing-worn"], 0.9], [["run-capacitor"], 0.1]), MODEL);
    expect([first?.action, first?.also].sort()).toEqual(["replace-bearings", "replace-run-capacitor"]);
    expect(first?.cureProbability).toBeCloseTo(1, 9);
    expect(first?.minutes).toBe(HOUSE.bearingMinutes + HOUSE.capacitorMinutes);
  });
  test("leaving it until a date is for what gets worse slowly only", () => {
    const offered = (belief: Hypothesis[]) => rankActions(belief, MODEL).some(({ action }) => action === "keep-until");
    expect(offered(of([["run-capacitor"], 0.5], [[], 0.5]))).toBe(true);
    expect(offered(of([["ground-fault"], 0.6], [["run-capacitor"], 0.4]))).toBe(false);
  });
  test("chances stay chances, and expected cost is never below what is spent", () => {
    const weights = fc.array(fc.double({ min: 0.01, max: 1, noNaN: true }), { minLength: SUSPECTS.length, maxLength: SUSPECTS.length });
    fc.assert(
      fc.property(weights, (list) => {
        const total = list.reduce((sum, each) => sum + each, 0);
        const belief = SUSPECTS.map((suspect, index) => ({ faults: [suspect], probability: (list[index] ?? 0) / total }));
        for (const { cost, cureProbability, callbackProbability, expectedCost } of rankActions(belief, MODEL)) {
          expect(cureProbability).toBeGreaterThanOrEqual(0);
          expect(cureProbability).toBeLessThanOrEqual(1 + 1e-9);
          expect(callbackProbability).toBeGreaterThanOrEqual(0);
          expect(callbackProbability).toBeLessThanOrEqual(1);
          expect(expectedCost).toBeGreaterThanOrEqual(cost);
        }
      }),
      { seed: 12, numRuns: howMany(60, 10) },
    );
  });
});

describe("simulateDecision", () => {
  const question: DecisionQuestion = {
    hypotheses: of([["bearing-worn"], 0.7], [["shorted-turns"], 0.3]),
    house: HOUSE,
    site: { machine: "fan" },
    life: { motorAgeYears: 6, machineYearsLeft: null },
    job: null,
    prices: {},
    works: [
      { action: "replace-bearings", also: null },
      { action: "replace-motor", also: null },
    ],
  };
  test("the mean over the draws is the expected cost, to a few percent", () => {
    const { spreads, draws } = simulateDecision(question);
    const ranked = rankActions(question.hypotheses, costModel(HOUSE, { machine: "fan" }, question.life));
    expect(draws).toBeGreaterThanOrEqual(2000);
    for (const { action, mean, low, middle, high } of spreads) {
      const expected = ranked.find((offer) => offer.action === action)?.expectedCost ?? NaN;
      expect(Math.abs(mean / expected - 1)).toBeLessThan(0.08);
      expect(low).toBeLessThan(middle);
      expect(middle).toBeLessThan(high);
    }
    expect(spreads.reduce((sum, { bestShare }) => sum + bestShare, 0)).toBeCloseTo(1, 9);
  });
  test("the same question has the same answer", () => {
    expect(simulateDecision(question)).toEqual(simulateDecision(question));
  });
  test("at the crossing both ways cost the same, and the cheapest changes there", () => {
    const hinge = findHinge(question);
    if (!hinge?.crossing) throw new Error("no crossing");
    const { at, from, to } = hinge.crossing;
    const line = (action: string) => hinge.lines.find((each) => each.action === action)?.costs ?? [];
    const index = hinge.values.findIndex((value) => value > at);
    expect((line(from.action)[index - 1] ?? 0) <= (line(to.action)[index - 1] ?? 0)).toBe(true);
    expect((line(from.action)[index] ?? 0) >= (line(to.action)[index] ?? 0)).toBe(true);
  });
  test("with one way on there is nothing to hinge", () => {
    expect(findHinge({ ...question, works: question.works.slice(0, 1) })).toBeNull();
  });
});

describe("causes, not only parts", () => {
  const dusty: Finding[] = [{ test: "look", weights: { "dust-clogged": 1 } }];
  test.each([
    ["found by the eye", dusty, {}, "found"],
    ["looked for and not there", [{ test: "look", weights: { clean: 1 } }] as Finding[], {}, "cleared"],
    ["nobody looked", [] as Finding[], {}, "open"],
    ["a person knows better", dusty, { dirt: "cleared" }, "cleared"],
  ] as const)("dirt at a worn bearing, %s", (_, findings, answered, state) => {
    const causes = causesOf("replace-bearings", { complaints: [], findings }, answered);
    expect(causes.find(({ cause }) => cause === "dirt")?.state).toBe(state);
  });
  test("every cause is asked of some action", () => {
    const asked = new Set(ACTIONS.flatMap((action) => causesOf(action, { complaints: [], findings: [] }, {}).map(({ cause }) => cause)));
    expect(CAUSES.filter((cause) => !asked.has(cause))).toEqual([]);
  });
  test.each([
    ["smells burnt", { complaints: ["burning-smell"], findings: [] }, true],
    ["burnt varnish", { complaints: [], findings: [{ test: "look", weights: { "winding-burnt": 1 } }] }, true],
    ["ran hot for weeks", { complaints: ["runs-hot"], findings: [] }, true],
    ["only hums", { complaints: ["hums-no-start"], findings: [] }, false],
  ] as const)("%s: insulation before the capacitor is only swapped: %s", (_, evidence, isAsked) => {
    const { checkFirst } = ACTION_TABLE["replace-run-capacitor"];
    const checks = checksBefore("replace-run-capacitor", checkFirst, evidence as unknown as Parameters<typeof checksBefore>[2]);
    expect(checks.includes("insulation")).toBe(isAsked);
    // The part itself comes first, then what it may have hurt.
    expect(checks.slice(0, 1 + checkFirst.length)).toEqual(["capacitor-meter", ...checkFirst]);
  });
});

test("every measure has its days and is offered for some work; leaving it off is always one", () => {
  const offered = Object.values(MEASURES_FOR);
  expect(MEASURES.filter((id) => !offered.some((list) => list.includes(id)))).toEqual([]);
  expect(Object.values(MEASURE_DAYS).every((days) => days > 0)).toBe(true);
  expect(offered.every((list) => list.includes("leave-off"))).toBe(true);
});

describe("a motor without spares", () => {
  test.each([
    [["bearing-worn"], "parts-inside"],
    [["ground-fault"], "made-bracket"],
    [["control"], "whole-unit"],
  ] as const)("%j: %s", (faults, way) => {
    expect(customOptions([{ faults, probability: 1 }], HOUSE)[0]?.way).toBe(way);
  });
  test("what was quoted for a way stands before the house's price, with its way there and its wait", () => {
    const price = (partCost: number, minutes = 0, waitCost = 0) => ({ partCost, minutes, waitCost });
    const cost = (way: string, prices: Parameters<typeof customOptions>[2]) =>
      customOptions([{ faults: ["ground-fault"], probability: 1 }], HOUSE, prices).find((each) => each.way === way)?.cost ?? NaN;
    const minute = HOUSE.hourlyRate / 60;
    const bracket = cost("made-bracket", { "replace-motor": price(80, 30, 24), makeshift: price(35, 0, 10) });
    expect(bracket).toBeCloseTo(80 + 24 + 35 + 10 + (HOUSE.motorMinutes + HOUSE.bracketMinutes + 30) * minute, 9);
    const inside = cost("parts-inside", { "replace-bearings": price(14.2, 20) });
    expect(inside).toBeCloseTo(14.2 + HOUSE.runCapacitorPrice + (HOUSE.bearingMinutes + 20) * minute, 9);
  });
});

test("work covers what it mends, alone and together", () => {
  expect(isCovered({ action: "replace-motor", also: null }, ["ground-fault", "bearing-worn"])).toBe(true);
  expect(isCovered({ action: "replace-motor", also: null }, ["run-capacitor", "ground-fault"])).toBe(true);
  expect(isCovered({ action: "replace-motor", also: null }, ["supply"])).toBe(false);
  expect(isCovered({ action: "replace-motor", also: "repair-control" }, ["control", "ground-fault"])).toBe(true);
});

describe("bearings, one or both", () => {
  const costOf = (figures: Parameters<typeof toHouseFigures>[0], job: Parameters<typeof costModel>[3] = null) =>
    costModel(toHouseFigures(figures), { machine: "fan" }, undefined, job).actions.find(({ action }) => action === "replace-bearings");
  test("a house that changes only the bad one pays for one and its minutes, and it holds less well", () => {
    const [both, one] = [costOf({}), costOf({ bearingsBoth: "bad-one" })];
    expect(both).toMatchObject({ partCost: 24, minutes: 75 });
    expect(one).toMatchObject({ partCost: 12, minutes: 60 });
    expect(one?.holds).toBeLessThan(both?.holds ?? 0);
  });
  test("a job put together on the motor takes the place of the usual one, here and in the draws", () => {
    expect(costOf({}, { partCost: 50, minutes: 120, holds: 0.5 })).toMatchObject({
      partCost: 50,
      minutes: 120,
      labourCost: 120,
      holds: 0.5,
    });
    const question = {
      hypotheses: of([["bearing-worn"], 1]),
      house: HOUSE,
      site: { machine: "fan" },
      life: UNKNOWN_LIFE,
      prices: {},
      works: [{ action: "replace-bearings", also: null }],
    } as const;
    const meanOf = (job: JobTerms) => simulateDecision({ ...question, job }).spreads[0]?.mean ?? NaN;
    expect(meanOf({ partCost: 124, minutes: 75, holds: 0.93 }) - meanOf({ partCost: 24, minutes: 75, holds: 0.93 })).toBeGreaterThan(95);
  });
});
