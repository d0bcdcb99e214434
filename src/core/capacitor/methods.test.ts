import { randomFrom } from "../../../tests/support/simulated-board";
import fc from "fast-check";
import { dischargeThrough, judgeResistor, peakVolts, voltsAfterS } from "./discharge";
import { effectOfValue, valueState } from "./effect";
import { judgeJointly, type MethodFigure } from "./joint";
import { crutchReasons } from "./kit";
import type { SectionLimits } from "./limits";
import { doubtsOfMeter, doubtsOfRunning } from "./plausibility";
import { capacitanceFromRunning } from "./running";
import { countStarts } from "./starts";
import { estimateFromSwing, expectedClimbS } from "./swing";

const sure = (value: number, standardUncertainty = 0) => ({ value, standardUncertainty });

describe("the running method", () => {
  test.each([
    // 2652.6 × A ÷ V at 60 Hz, 3183.1 × A ÷ V at 50 Hz: the shop formulas, from another source than the code
    [2.0, 300, 60, (2652.6 * 2.0) / 300],
    [1.31, 268, 50, (3183.1 * 1.31) / 268],
  ])("%d A, %d V, %d Hz", (amps, volts, hertz, expected) => {
    const found = capacitanceFromRunning(sure(amps), sure(volts), hertz);
    expect(found.ok && found.value.capacitanceUf).toBeCloseTo(expected, 3);
  });

  test.each([
    [2, 0, "running-volts-too-low"],
    [2, 0.4, "running-volts-too-low"],
    [0, 300, "running-no-current"],
  ])("%d A and %d V are refused", (amps, volts, code) => {
    expect(capacitanceFromRunning(sure(amps), sure(volts), 60)).toMatchObject({ ok: false, failure: { code } });
  });

  test("the worst case always encloses the figure", () => {
    const positive = fc.double({ min: 0.05, max: 20, noNaN: true });
    fc.assert(
      fc.property(positive, fc.double({ min: 60, max: 600, noNaN: true }), positive, (amps, volts, u) => {
        const found = capacitanceFromRunning(sure(amps, u / 10), sure(volts, u), 50);
        if (!found.ok) return false;
        const { capacitanceUf, worstLowUf, worstHighUf } = found.value;
        return worstLowUf <= capacitanceUf && capacitanceUf <= worstHighUf && worstLowUf >= 0;
      }),
      { seed: 7 },
    );
  });
});

const LIMITS: SectionLimits = { lowUf: 16.45, highUf: 18.55, ratedUf: 17.5, origin: "label-tolerance" };
const RULES = { guardFactor: 1, coverageFactor: 2 };
const figure = (method: MethodFigure["method"], capacitanceUf: number, standardUncertaintyUf: number): MethodFigure => ({
  method,
  capacitanceUf,
  standardUncertaintyUf,
});

describe("judgeJointly", () => {
  test.each([
    ["one method stands alone", [figure("meter", 17.4, 0.1)], "one", "holds"],
    ["two that agree", [figure("meter", 17.4, 0.1), figure("running", 17.0, 0.4)], "agree", "holds"],
    ["passes cold, fails running", [figure("meter", 17.2, 0.1), figure("running", 13.1, 0.5)], "lower-running", "out"],
    ["fails cold, passes running", [figure("meter", 12.0, 0.1), figure("running", 17.5, 0.4)], "higher-running", "holds"],
  ] as const)("%s", (_, figures, agreement, decision) => {
    const verdict = judgeJointly(figures, LIMITS, RULES);
    expect(verdict).toMatchObject({ agreement, conformity: { decision } });
  });

  test("agreeing figures are weighted by 1/u²: the mean lies nearer the surer one and is surer than both", () => {
    const verdict = judgeJointly([figure("meter", 16.5, 0.1), figure("running", 16.9, 0.2)], LIMITS, RULES);
    // The cold figure tells the working value less the usual loss by heat, 1.5 % give or take as much.
    const [cold, u] = [0.985 * 16.5, Math.hypot(0.1, 0.015 * 16.5)];
    const weights = [u ** -2, 0.2 ** -2] as const;
    expect(verdict?.capacitanceUf).toBeCloseTo((weights[0] * cold + weights[1] * 16.9) / (weights[0] + weights[1]), 9);
    expect(verdict?.standardUncertaintyUf).toBeCloseTo((weights[0] + weights[1]) ** -0.5, 9);
    expect(verdict?.standardUncertaintyUf).toBeLessThan(0.2);
  });

  test("of parts that read a little below their cold figure at work, what is called holds does hold", () => {
    const random = randomFrom(12);
    const gauss = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    let [holds, wrong] = [0, 0];
    for (let part = 0; part < 4000; part += 1) {
      const coldUf = 16 + 2.2 * random();
      const workingUf = coldUf * (1 - 0.03 * random());
      const found = judgeJointly(
        [figure("meter", coldUf + 0.1 * gauss(), 0.1), figure("running", workingUf + 0.35 * gauss(), 0.35)],
        LIMITS,
        RULES,
      );
      if (found?.conformity.decision !== "holds") continue;
      holds += 1;
      if (workingUf < LIMITS.lowUf) wrong += 1;
    }
    expect(holds).toBeGreaterThan(500);
    expect(wrong / holds).toBeLessThan(0.03);
  });
  test("a second, agreeing method can settle what one could not", () => {
    const alone = judgeJointly([figure("meter", 16.85, 0.25)], LIMITS, RULES);
    const both = judgeJointly([figure("meter", 17.3, 0.25), figure("running", 17.2, 0.2)], LIMITS, RULES);
    expect([alone?.conformity.decision, both?.conformity.decision]).toEqual(["too-close", "holds"]);
  });

  test("the verdict never turns from out to holds when the reading moves away from the rating", () => {
    const order = { holds: 0, "too-close": 1, out: 2 };
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 12, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom(-1, 1),
        (away, further, u, side) => {
          const decisionAt = (distance: number) =>
            judgeJointly([figure("meter", LIMITS.ratedUf + side * distance, u)], LIMITS, RULES)?.conformity.decision ?? "out";
          return order[decisionAt(away + further)] >= order[decisionAt(away)];
        },
      ),
      { seed: 21, numRuns: 2000 },
    );
  });
});

describe("discharge", () => {
  test("622 V on 50 µF through 15 kΩ: 2.3 s to 30 V, 25.8 W, 9.7 J", () => {
    const found = dischargeThrough(peakVolts(440), 50, 15_000, 30);
    expect(found.timeToSafeS).toBeCloseTo(0.75 * Math.log(622.25 / 30), 3);
    expect(found.peakPowerW).toBeCloseTo(25.81, 2);
    expect(found.energyJ).toBeCloseTo(9.68, 2);
    expect(voltsAfterS(peakVolts(440), found.tauS, found.timeToSafeS)).toBeCloseTo(30, 9);
  });

  test.each([
    [30, "bears"],
    [10, "bears-briefly"],
    [2, "too-small"],
  ])("a resistor of %d W", (watts, verdict) => {
    expect(judgeResistor(dischargeThrough(622, 50, 15_000, 30), watts)).toBe(verdict);
  });

  test("energy bears too: the same peak with a large part is too much for a short overload", () => {
    expect(judgeResistor(dischargeThrough(467, 1200, 10_000, 30), 3.6)).toBe("too-small");
  });
});

test("ohmmeter swing: 1.4 s on the 40 kΩ range is about 35 µF, and back again", () => {
  expect(estimateFromSwing(1.4, 40_000)).toMatchObject({ capacitanceUf: 35, lowUf: 35 / 3, highUf: 105 });
  expect(expectedClimbS(35, 40_000)).toBeCloseTo(1.4, 9);
});

describe("doubts", () => {
  test.each([
    [17_350, 17.5, ["thousand-high"]],
    [0.0172, 17.5, ["thousand-low"]],
    [4.1, 17.5, []],
    [52, 17.5, []],
    [0.4, 17.5, []],
  ])("%d µF on a %d µF label", (reading, rated, codes) => {
    expect(doubtsOfMeter(reading, rated).map(({ code }) => code)).toEqual(codes);
  });

  test.each([
    [231, 1.2, 230, ["volts-in-amps", "amps-in-volts"]],
    [1.2, 120, 230, ["volts-below-line"]],
    [1.2, 345, 230, []],
    [1.2, 345, null, []],
  ])("%d A with %d V on %p V", (amps, volts, supply, codes) => {
    expect(doubtsOfRunning(amps, volts, supply).map(({ code }) => code)).toEqual(codes);
  });
});

describe("effect of a value", () => {
  const limits = { lowUf: 16.45, highUf: 18.55, ratedUf: 17.5 };
  test.each([
    [0.2, "open"],
    [12, "weak"],
    [17, "as-rated"],
    [21, "high"],
  ])("%d µF is %s", (uf, state) => {
    expect(valueState(uf, limits)).toBe(state);
  });

  test("80 % of the value draws 20 % less through the start winding at the same volts", () => {
    const effect = effectOfValue({ uf: 14, ratedUf: 17.5, state: "weak", kind: "run" }, { supplyV: 230, frequencyHz: 60, measuredV: 350 });
    expect(effect?.change).toBeCloseTo(-0.2, 9);
    expect(effect?.ratedA).toBeCloseTo((350 * 17.5) / 2652.6, 3);
    expect(effect?.foundA).toBeCloseTo((350 * 14) / 2652.6, 3);
  });

  test("without volts or hertz there is no sum", () => {
    const found = { uf: 14, ratedUf: 17.5, state: "weak", kind: "run" } as const;
    expect(effectOfValue(found, { supplyV: null, frequencyHz: 60, measuredV: null })).toBeNull();
    expect(effectOfValue(found, { supplyV: 230, frequencyHz: null, measuredV: null })).toBeNull();
  });
});

describe("starts an hour", () => {
  const now = Date.parse("2026-11-20T12:00:00Z");
  const minutesAgo = (minutes: number): string => new Date(now - minutes * 60_000).toISOString();
  test("those older than an hour are forgotten", () => {
    expect(countStarts([minutesAgo(61), minutesAgo(30), minutesAgo(1)], now, 20)).toMatchObject({ inLastHour: 2, left: 18, waitS: 0 });
  });
  test("with none left it tells how long until the oldest falls out", () => {
    expect(countStarts([minutesAgo(50), minutesAgo(30), minutesAgo(1)], now, 3)).toMatchObject({ left: 0, waitS: 600 });
  });
});

test("a kit is a crutch where volts, run capacitor or cycling explain the weak start", () => {
  const found = {
    complaints: ["hums-no-start"],
    machineKind: "hermetic-compressor",
    supplyV: 200,
    plateV: 230,
    isRunCapacitorOut: true,
  } as const;
  expect(crutchReasons(found)).toEqual(["weak-run-capacitor", "low-volts", "tight-compressor"]);
  expect(crutchReasons({ ...found, complaints: [], supplyV: 228, isRunCapacitorOut: false })).toEqual([]);
});
