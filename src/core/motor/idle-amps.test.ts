import { MOTOR_TYPES } from "../trade";
import { estimateMotor, idleRange, judgeIdle, type MotorKnowledge } from ".";
import { knownMotor, NO_FACTS } from "../facts";

const BENCH = {
  ...NO_FACTS,
  motorType: "cap-start" as const,
  machineKind: "belt-compressor" as const,
  supplyV: 120,
  supplyBand: [120, 120] as const,
  frequencyHz: 60,
  powerW: 746,
  fullLoadA: 15.6,
  fullLoadRpm: 1725,
};
const known = (): MotorKnowledge => {
  const found = knownMotor(BENCH);
  if (!found.ok) throw new Error("not known");
  return found.value.knowledge;
};

describe("amps without load", () => {
  test.each(MOTOR_TYPES)("%s: a range below the plate and about it, never empty", (type) => {
    const { lowA, highA, isOwn } = idleRange(2, type, null);
    expect(lowA).toBeGreaterThanOrEqual(0.4 * 2);
    expect(highA).toBeLessThanOrEqual(1.05 * 2);
    expect(lowA).toBeLessThan(highA);
    expect(isOwn).toBe(false);
  });
  test("the machine model only widens what is usual of the type", () => {
    const estimate = estimateMotor(known(), 12);
    if (!estimate.ok) throw new Error("no estimate");
    const own = idleRange(15.6, "cap-start", estimate.value.members);
    const usual = idleRange(15.6, "cap-start", null);
    expect(own.isOwn).toBe(true);
    expect(own.lowA).toBeLessThanOrEqual(usual.lowA);
    expect(own.highA).toBeGreaterThanOrEqual(usual.highA);
  });
  test.each([
    ["a drill press without its work", "cap-start", 7.2, 3.1, ["within", "near"]],
    ["a big one on the bench", "cap-start", 15.6, 7.1, ["within", "near"]],
    ["an open winding section", "cap-start", 15.6, 3, ["low"]],
    ["a start winding left in", "split-phase", 6, 9, ["high"]],
    ["a fan motor", "psc", 1.9, 1.5, ["within"]],
  ] as const)("%s", (_name, type, plateA, amps, verdicts) => {
    expect(verdicts).toContain(judgeIdle(amps, 0.05, idleRange(plateA, type, null)));
  });
  test("it moves one way as the amps rise", () => {
    const order = ["low", "near", "within", "near", "high"];
    const range = idleRange(6, "cap-start", null);
    const seen = Array.from({ length: 120 }, (_each, index) => judgeIdle(index * 0.1, 0.05, range));
    const runs = seen.filter((verdict, index) => verdict !== seen[index - 1]);
    expect(runs).toEqual(order);
  });
});
