import { judgeResistor, peakVolts } from "./discharge";

const sum = (peakPowerW: number, energyJ: number) => ({
  tauS: 1,
  timeToSafeS: 1,
  holdS: 5,
  peakPowerW,
  peakCurrentA: 1,
  energyJ,
  energyToSafeJ: energyJ,
});

// IEC 60115-1: 6.25 times its power for 5 s; for a part of a second ten times its rating. A resistor of 2 W takes 62.5 J.
test.each([
  ["its peak within the rating", 2, 1000, "bears"],
  ["ten times the rating, a little energy", 20, 1, "bears-briefly"],
  ["more than ten times", 20.1, 1, "too-small"],
  ["all that five seconds of overload come to", 19, 62.5, "bears-briefly"],
  ["more than that", 19, 62.6, "too-small"],
  ["what four seconds would come to is borne", 19, 55, "bears-briefly"],
] as const)("a resistor of 2 W: %s", (_, peakPowerW, energyJ, verdict) => expect(judgeResistor(sum(peakPowerW, energyJ), 2)).toBe(verdict));

test("a part charged from the line may stand at its peak", () => expect(peakVolts(230)).toBeCloseTo(325.269, 3));
