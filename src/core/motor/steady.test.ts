import fc from "fast-check";
import { AGITATOR, DRUM, FAN, randomMotor } from "../../../tests/support/motors";
import {
  conditionWith,
  restFromStandstill,
  restWhenRunning,
  hasStarted,
  SOUND,
  steadyState,
  toCircuit,
  torqueSpeedCurve,
  type Machine,
} from "./index";
import { howMany } from "../../../tests/support/how-many";

describe("against a textbook", () => {
  // Fitzgerald, Electric Machinery, example 9.2: main winding alone at slip 0.05, rotational losses 37 W taken off the shaft.
  test("a quarter-horse motor on its main winding", () => {
    const at = steadyState(toCircuit({ ...DRUM, windageSyncW: 0 }, SOUND), 0.05, "run");
    expect(at.lineA).toBeCloseTo(3.59, 1);
    expect(at.powerFactor).toBeCloseTo(0.62, 2);
    expect(at.speedRpm).toBeCloseTo(1710, 6);
    expect(Math.abs(at.shaftW - 37 - 147)).toBeLessThan(1.5);
  });

  // A capacitor and a resistor that leave no backward field make it a balanced two-phase motor: one phase of the textbook circuit.
  test("the symmetric limit is the balanced two-phase machine", () => {
    const slip = 0.6;
    const omega = 2 * Math.PI * 50;
    const { mainResistanceOhm: r1, mainReactanceOhm: x1, rotorResistanceOhm: r2, rotorReactanceOhm: x2, magnetizingReactanceOhm: xm } = FAN;
    const rotor = r2 / slip;
    const square = rotor ** 2 + (x2 + xm) ** 2;
    const phaseR = r1 + (rotor * xm * xm) / square;
    const phaseX = x1 + (xm * (rotor ** 2 + x2 * (x2 + xm))) / square;
    expect(phaseX).toBeLessThan(phaseR);
    // X − R is short of zero here: the start winding is given that much less resistance.
    const machine: Machine = {
      ...FAN,
      turnsRatio: 1,
      coreResistanceOhm: null,
      startResistanceOhm: r1 + phaseX - phaseR,
      startReactanceOhm: x1,
      runCapacitor: { capacitanceUf: 1e6 / (omega * (phaseR + phaseX)), resistanceOhm: 0 },
    };
    const at = steadyState(toCircuit(machine, SOUND), slip, "run");
    const phaseA = 230 / Math.hypot(phaseR, phaseX);
    const rotorA = (phaseA * xm) / Math.sqrt(square);
    expect(at.mainA).toBeCloseTo(phaseA, 9);
    expect(at.startA).toBeCloseTo(phaseA, 9);
    expect(at.backwardA).toBeLessThan(1e-9);
    expect(at.pulsatingTorqueNm).toBeLessThan(1e-9);
    expect(at.torqueNm).toBeCloseTo((2 * rotorA ** 2 * rotor) / ((4 * Math.PI * 50) / 4), 9);
  });
});

test("what goes in comes out: losses and shaft add up, with any fault that has a closed circuit", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 400 }),
      fc.double({ min: 0.001, max: 1.5, noNaN: true }),
      fc.constantFrom<"start" | "run">("start", "run"),
      fc.constantFrom(SOUND, conditionWith({ runCapacitor: "open" }), conditionWith({ startWinding: "reversed", voltageScale: 0.8 })),
      (seed, slip, state, condition) => {
        const at = steadyState(toCircuit(randomMotor(seed), condition), slip, state);
        const out = at.mainCopperW + at.startCopperW + at.externalW + at.rotorW + at.coreW + at.windageW + at.shaftW;
        expect(Math.abs(out - at.inputW)).toBeLessThan(1e-3 * Math.abs(at.inputW) + 1e-6);
      },
    ),
    { numRuns: howMany(150, 30), seed: 11 },
  );
});

describe("faults", () => {
  test.each([
    ["an open start winding", FAN, conditionWith({ startWinding: "open" })],
    ["an open run capacitor", FAN, conditionWith({ runCapacitor: "open" })],
    ["a switch stuck open", DRUM, conditionWith({ startSwitch: "stuck-open" })],
  ] as const)("%s gives no torque at standstill, and runs once it turns", (_name, machine, condition) => {
    const circuit = toCircuit(machine, condition);
    expect(Math.abs(steadyState(circuit, 1, "start").torqueNm)).toBeLessThan(1e-9);
    expect(hasStarted(circuit, restFromStandstill(circuit).steady)).toBe(false);
    expect(restWhenRunning(circuit)?.speedRpm).toBeGreaterThan(1200);
  });

  test("the torque turns round with the start winding", () => {
    const plain = steadyState(toCircuit(FAN, SOUND), 1, "start").torqueNm;
    expect(plain).toBeGreaterThan(0);
    expect(steadyState(toCircuit(FAN, conditionWith({ startWinding: "reversed" })), 1, "start").torqueNm).toBeCloseTo(-plain, 9);
  });

  test("an open main winding and nothing at all", () => {
    const circuit = toCircuit(FAN, conditionWith({ mainWinding: "open", startWinding: "open" }));
    expect(steadyState(circuit, 0.05, "run")).toMatchObject({ lineA: 0, inputW: 0, powerFactor: 0, efficiency: 0 });
  });

  test("the shorter the capacitor, the slower the fan and the weaker the start", () => {
    const at = [1, 0.8, 0.6, 0.4].map((runCapacitanceScale) => toCircuit(FAN, conditionWith({ runCapacitanceScale })));
    const speeds = at.map((circuit) => restFromStandstill(circuit).steady.speedRpm);
    const starts = at.map((circuit) => steadyState(circuit, 1, "start").torqueNm);
    expect(speeds).toEqual([...speeds].sort((a, b) => b - a));
    expect(starts).toEqual([...starts].sort((a, b) => b - a));
  });

  test("tight bearings slow it down and draw more; a jam holds it", () => {
    const sound = restFromStandstill(toCircuit(FAN, SOUND)).steady;
    const tight = restFromStandstill(toCircuit(FAN, conditionWith({ dragTorqueNm: 0.15 }))).steady;
    expect(tight.speedRpm).toBeLessThan(sound.speedRpm);
    expect(tight.lineA).toBeGreaterThan(sound.lineA);
    expect(restFromStandstill(toCircuit(FAN, conditionWith({ isJammed: true }))).steady.speedRpm).toBe(0);
  });

  test("with the start capacitor left in, a start winding carries several times what it does at work", () => {
    const stuck = restFromStandstill(toCircuit(AGITATOR, conditionWith({ startSwitch: "stuck-closed" }))).steady;
    const sound = restFromStandstill(toCircuit(AGITATOR, SOUND)).steady;
    expect(stuck.startA / sound.startA).toBeGreaterThan(3);
  });
});

test("no condition of any motor brings a figure that is none", () => {
  const scale = fc.double({ min: 0, max: 3, noNaN: true });
  const part = fc.constantFrom("ok" as const, "open" as const, "short" as const);
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 400 }),
      fc.record({
        voltageScale: fc.double({ min: 0, max: 1.5, noNaN: true }),
        frequencyScale: fc.constantFrom(1, 50 / 60, 1.2),
        runCapacitanceScale: scale,
        startCapacitanceScale: scale,
        runCapacitor: part,
        startCapacitor: part,
        mainWinding: fc.constantFrom("ok" as const, "open" as const),
        startWinding: fc.constantFrom("ok" as const, "open" as const, "reversed" as const),
        shortedMainFraction: fc.double({ min: 0, max: 0.9, noNaN: true }),
        startSwitch: fc.constantFrom("ok" as const, "stuck-closed" as const, "stuck-open" as const),
        loadScale: scale,
        isJammed: fc.boolean(),
        dragTorqueNm: scale,
      }),
      (seed, condition) => {
        const circuit = toCircuit(randomMotor(seed), condition);
        const points = [restFromStandstill(circuit, 40).steady, ...torqueSpeedCurve(circuit, 12)];
        for (const point of points) for (const value of Object.values(point)) if (typeof value === "number") expect(value).not.toBeNaN();
      },
    ),
    { numRuns: howMany(200, 30), seed: 12 },
  );
});
