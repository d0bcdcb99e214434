import { FAN, plateOf, randomMotor } from "../../../tests/support/motors";
import { quantileOfSorted } from "../numeric";
import { estimateMotor, plateStates, type Machine, type MotorKnowledge } from "./index";

const FAN_PLATE = plateOf(FAN);
const NOTHING: MotorKnowledge = {
  ...FAN_PLATE,
  supplyV: null,
  frequencyHz: null,
  powerW: null,
  fullLoadA: null,
  fullLoadRpm: null,
  runCapacitor: null,
  capacitorRatedV: null,
  main: null,
  start: null,
};

function estimate(knowledge: MotorKnowledge, members = 40) {
  const found = estimateMotor(knowledge, members);
  if (!found.ok) throw new Error(found.failure.code);
  return found.value;
}

function rangeOf(members: readonly Machine[], of: (machine: Machine) => number): [number, number] {
  const sorted = members.map(of).sort((a, b) => a - b);
  return [quantileOfSorted(sorted, 0.03), quantileOfSorted(sorted, 0.97)];
}
const ratedA = (machine: Machine): number => plateStates(machine).rated.lineA;

test("a plate and two ohms give a motor that draws what its plate says", () => {
  const { machine, conflict, missing } = estimate(FAN_PLATE);
  expect(conflict).toBeNull();
  expect(missing).toEqual(["locked-amps"]);
  expect(machine.poles).toBe(4);
  expect(ratedA(machine) / ratedA(FAN)).toBeCloseTo(1, 1);
});

test("most ranges hold the hidden motor", () => {
  const seeds = Array.from({ length: 16 }, (_, index) => index + 501);
  const inside = seeds.filter((seed) => {
    const hidden = randomMotor(seed);
    const [low, high] = rangeOf(estimate(plateOf(hidden), 32).members, ratedA);
    return ratedA(hidden) >= low && ratedA(hidden) <= high;
  });
  expect(inside.length).toBeGreaterThanOrEqual(13);
});

test("the less is known, the wider the range", () => {
  const width = (knowledge: MotorKnowledge): number => {
    const [low, high] = rangeOf(estimate(knowledge).members, ratedA);
    return high / low;
  };
  const all = width(FAN_PLATE);
  const withoutAmps = width({ ...FAN_PLATE, fullLoadA: null });
  const capacitorOnly = width({ ...NOTHING, runCapacitor: FAN_PLATE.runCapacitor });
  expect(withoutAmps).toBeGreaterThan(1.3 * all);
  expect(capacitorOnly).toBeGreaterThan(1.3 * withoutAmps);
});

test("figures of a sound run narrow what the plate leaves open", () => {
  const at = plateStates(FAN).rated;
  const running = { speedRpm: at.speedRpm, supplyV: FAN.supplyV, lineA: at.lineA, startA: at.startA, capacitorV: at.capacitorV };
  const startA = (machine: Machine): number => plateStates(machine).rated.startA;
  const width = (knowledge: MotorKnowledge): number => {
    const [low, high] = rangeOf(estimate(knowledge).members, startA);
    return high / low - 1;
  };
  expect(width({ ...FAN_PLATE, running })).toBeLessThan(0.6 * width(FAN_PLATE));
  const [low, high] = rangeOf(estimate({ ...FAN_PLATE, running }).members, startA);
  expect(at.startA).toBeGreaterThan(low);
  expect(at.startA).toBeLessThan(high);
});

test("the same question gets the same answer", () => {
  expect(estimate(FAN_PLATE, 8).members).toEqual(estimate(FAN_PLATE, 8).members);
});

test.each([
  ["nothing", NOTHING, "motor-hardly-known"],
  ["volts and speed only", { ...NOTHING, supplyV: 230, fullLoadRpm: 1410 }, "motor-hardly-known"],
  ["amps too low for the power", { ...FAN_PLATE, powerW: 370 }, "motor-amps-too-low"],
  ["ohms that eat the whole power", { ...FAN_PLATE, main: { ohm: 400, standardOhm: 2, temperatureC: 20 } }, "motor-ohms-too-high"],
] as const)("a plate with %s is refused", (_name, knowledge, code) => {
  expect(estimateMotor(knowledge)).toMatchObject({ ok: false, failure: { code } });
});

test("the figure that does not belong is named, with what would", () => {
  const { conflict } = estimate({ ...FAN_PLATE, fullLoadA: 6 });
  expect(conflict?.entry).toBe("amps");
  expect(conflict?.expectedValue).toBeGreaterThan(0.8);
  expect(conflict?.expectedValue).toBeLessThan(2.5);
});
