import { AGITATOR, DRUM, FAN } from "../../../tests/support/motors";
import {
  conditionWith,
  restFromStandstill,
  simulateStart,
  SOUND,
  startHeatOf,
  steadyState,
  toCircuit,
  type Condition,
  type Machine,
  type Start,
} from "./index";

/** The transient has no iron loss. */
const without = (machine: Machine): Machine => ({ ...machine, coreResistanceOhm: null });
function start(machine: Machine, condition: Condition, endS: number): Start {
  const found = simulateStart(toCircuit(without(machine), condition), { endS });
  if (!found.ok) throw new Error(found.failure.code);
  return found.value;
}

test.each([
  ["a fan", FAN, SOUND, 2.5],
  ["a fan on a weak capacitor", FAN, conditionWith({ runCapacitanceScale: 0.7 }), 4],
  ["a drum", DRUM, SOUND, 2],
  ["an agitator on low volts", AGITATOR, conditionWith({ voltageScale: 0.9 }), 2.5],
] as const)("%s settles where the steady state says", (_name, machine, condition, endS) => {
  const found = start(machine, condition, endS);
  const { steady } = restFromStandstill(toCircuit(without(machine), condition));
  expect(found.hasStarted).toBe(true);
  expect(Math.abs(found.finalRpm / steady.speedRpm - 1)).toBeLessThan(0.005);
  expect(Math.abs(found.settledLineA / steady.lineA - 1)).toBeLessThan(0.005);
  expect(Math.abs(found.settledMainA / steady.mainA - 1)).toBeLessThan(0.005);
  if (machine.runCapacitor) expect(Math.abs(found.settledCapacitorV / steady.capacitorV - 1)).toBeLessThan(0.005);
});

test("a jammed rotor draws the locked current from the first cycles on, and never gets to speed", () => {
  const condition = conditionWith({ isJammed: true });
  const found = start(FAN, condition, 0.8);
  expect(found).toMatchObject({ hasStarted: false, timeTo90S: null });
  expect(startHeatOf(FAN, found)).toBeNull();
  expect(Math.abs(found.settledLineA / steadyState(toCircuit(without(FAN), condition), 1, "start").lineA - 1)).toBeLessThan(0.005);
  expect(found.peakLineA).toBeGreaterThan(Math.SQRT2 * found.settledLineA * 0.98);
});

test("the switch opens near its speed, at a zero of the current, once", () => {
  const found = start(DRUM, SOUND, 1.5);
  expect(found.switchOpenS).toBeGreaterThan(0.02);
  expect(found.switchOpenS).toBeLessThan(found.timeTo90S ?? 0);
  expect(found.settledStartA).toBeLessThan(1e-6);
  expect(start(DRUM, conditionWith({ startSwitch: "stuck-closed" }), 1.5).switchOpenS).toBeNull();
});

test("an open start winding hums; the same motor spun by hand goes on", () => {
  const condition = conditionWith({ startWinding: "open" });
  expect(start(FAN, condition, 1).hasStarted).toBe(false);
  const pushed = simulateStart(toCircuit(without(FAN), condition), { endS: 4, initialRpm: 900 });
  expect(pushed.ok && pushed.value.hasStarted).toBe(true);
});

test("twice the wheel takes about twice as long and leaves twice the heat", () => {
  const once = start(DRUM, SOUND, 1.5);
  const twice = start({ ...DRUM, inertiaKgm2: 2 * DRUM.inertiaKgm2 }, SOUND, 3);
  expect((twice.timeTo90S ?? 0) / (once.timeTo90S ?? 1)).toBeGreaterThan(1.7);
  expect((twice.timeTo90S ?? 0) / (once.timeTo90S ?? 1)).toBeLessThan(2.3);
  expect(twice.mainHeatJ / once.mainHeatJ).toBeGreaterThan(1.6);
  const [heat, more] = [startHeatOf(DRUM, once), startHeatOf(DRUM, twice)];
  expect((heat?.startsAnHour ?? 0) * (heat?.asRunningS ?? 0)).toBeCloseTo(3600, 6);
  expect(more?.asRunningS).toBeGreaterThan(1.6 * (heat?.asRunningS ?? Infinity));
});

test("figures far outside any motor end in a failure, not in a hang", () => {
  const absurd = { ...FAN, inertiaKgm2: 1e-14, runCapacitor: { capacitanceUf: 1e-9, resistanceOhm: 0 } };
  const found = simulateStart(toCircuit(without(absurd), SOUND), { endS: 0.5 });
  if (!found.ok) expect(found.failure.code).toBe("model-does-not-converge");
  else expect(Number.isFinite(found.value.settledLineA)).toBe(true);
});
