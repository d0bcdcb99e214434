import type { BranchPart, Circuit, SwitchState } from "./circuit";
import { windageTorqueNm } from "./circuit";
import type { Derivative } from "../numeric";
import { loadTorqueNm } from "./load";

/** Places in the state: flux linkages of both axes [Wb], shaft speed [rad/s], extra current of shorted turns [A], capacitors [V]. */
export const AT = { mainFlux: 0, startFlux: 1, mainRotorFlux: 2, startRotorFlux: 3, speed: 4, shortedA: 5, capacitors: 6 } as const;

/** Currents and torque of one instant. */
export interface Instant {
  mainA: number;
  startA: number;
  lineA: number;
  /** current of each part of the branch, in the order of `parts` */
  partsA: Float64Array;
  externalV: number;
  torqueNm: number;
}

/** The equations of one motor: what flows at a state, and how the state changes. */
export interface Equations {
  /** every part in either switch state; each has its own place for its volts */
  readonly parts: readonly BranchPart[];
  readonly size: number;
  readonly derivative: Derivative;
  /** currents at a state; the object is filled anew by every call */
  readonly instantAt: (timeS: number, state: Float64Array) => Instant;
  /** the switch moves; flux that no longer has a current of its own follows from then on */
  readonly setSwitch: (state: SwitchState) => void;
}

/** A passive load does not turn the rotor: its torque grows with speed from nothing. */
const SOFT_START_RADS = 0.5;
/** Two capacitors in parallel with no resistance at all would exchange an infinite current. */
const SMALLEST_PARALLEL_OHM = 0.02;

/**
 * Flux-linkage equations in the stationary frame: main winding on one axis, start winding on the other, capacitor volts as
 * states; no iron loss. Rotor: 0 = R2 i + dψ/dt ∓ p/2 ω ψ of the other axis; torque p/2 (ψ i − ψ i).
 * @param phaseRad angle of the sine at t = 0
 * @source Krause, Analysis of Electric Machinery, ch. 10; Fitzgerald, Electric Machinery, 9.4
 */
export function transientEquations(circuit: Circuit, phaseRad: number): Equations {
  const { machine, condition, omega, voltageV, turnsRatio: a, isMainClosed } = circuit;
  const base = 2 * Math.PI * machine.frequencyHz;
  const magnetizing = machine.magnetizingReactanceOhm / base;
  const main = machine.mainReactanceOhm / base + magnetizing;
  const start = machine.startReactanceOhm / base + a * a * magnetizing;
  const rotor = machine.rotorReactanceOhm / base + magnetizing;
  const mutual = a * magnetizing;
  const mainDeterminant = main * rotor - magnetizing * magnetizing;
  const startDeterminant = start * rotor - mutual * mutual;
  const poleS = machine.poles / 2;
  const peakV = Math.SQRT2 * voltageV;
  const shorted = isMainClosed ? condition.shortedMainFraction : 0;
  const shortedV = shorted / (1 - shorted);
  const mainLeakage = machine.mainReactanceOhm / base;

  const parts = [...new Set([...circuit.branches.start.parts, ...circuit.branches.run.parts])];
  let inPlay: number[] = [];
  let isStartClosed = false;
  const setSwitch = (state: SwitchState): void => {
    inPlay = circuit.branches[state].parts.map((part) => parts.indexOf(part));
    isStartClosed = circuit.isStartClosed && inPlay.length > 0;
  };
  setSwitch("start");

  const now: Instant = { mainA: 0, startA: 0, lineA: 0, partsA: new Float64Array(parts.length), externalV: 0, torqueNm: 0 };
  let rotorMainA = 0;
  let rotorStartA = 0;

  const instantAt = (_timeS: number, y: Float64Array): Instant => {
    const mainRotorFlux = y[AT.mainRotorFlux]!;
    const startRotorFlux = y[AT.startRotorFlux]!;
    const mainA = isMainClosed ? (rotor * y[AT.mainFlux]! - magnetizing * mainRotorFlux) / mainDeterminant : 0;
    rotorMainA = (mainRotorFlux - magnetizing * mainA) / rotor;
    now.startA = isStartClosed ? (rotor * y[AT.startFlux]! - mutual * startRotorFlux) / startDeterminant : 0;
    rotorStartA = (startRotorFlux - mutual * now.startA) / rotor;
    now.mainA = mainA + y[AT.shortedA]!;
    now.lineA = now.mainA + now.startA;
    now.torqueNm = poleS * (mainRotorFlux * rotorStartA - startRotorFlux * rotorMainA);
    now.partsA.fill(0);
    const [first, second] = inPlay;
    if (!isStartClosed || first === undefined) now.externalV = 0;
    else if (second === undefined) {
      now.partsA[first] = now.startA;
      now.externalV = y[AT.capacitors + first]! + parts[first]!.resistanceOhm * now.startA;
    } else {
      const g1 = 1 / Math.max(parts[first]!.resistanceOhm, SMALLEST_PARALLEL_OHM);
      const g2 = 1 / Math.max(parts[second]!.resistanceOhm, SMALLEST_PARALLEL_OHM);
      now.externalV = (now.startA + y[AT.capacitors + first]! * g1 + y[AT.capacitors + second]! * g2) / (g1 + g2);
      now.partsA[first] = (now.externalV - y[AT.capacitors + first]!) * g1;
      now.partsA[second] = (now.externalV - y[AT.capacitors + second]!) * g2;
    }
    return now;
  };

  const derivative: Derivative = (timeS, y, out) => {
    instantAt(timeS, y);
    const lineV = peakV * Math.sin(omega * timeS + phaseRad);
    const mainA = now.mainA - y[AT.shortedA]!;
    const electricalRadS = poleS * y[AT.speed]!;
    const mainRotorSlope = -machine.rotorResistanceOhm * rotorMainA + electricalRadS * y[AT.startRotorFlux]!;
    const startRotorSlope = -machine.rotorResistanceOhm * rotorStartA - electricalRadS * y[AT.mainRotorFlux]!;
    out[AT.mainRotorFlux] = mainRotorSlope;
    out[AT.startRotorFlux] = startRotorSlope;
    out[AT.mainFlux] = isMainClosed ? lineV - machine.mainResistanceOhm * mainA : (magnetizing / rotor) * mainRotorSlope;
    out[AT.startFlux] = isStartClosed
      ? lineV - now.externalV - machine.startResistanceOhm * now.startA
      : (mutual / rotor) * startRotorSlope;
    out[AT.shortedA] = shorted > 0 ? (lineV * shortedV - machine.mainResistanceOhm * y[AT.shortedA]!) / mainLeakage : 0;
    for (let index = 0; index < parts.length; index += 1) {
      const { capacitanceF } = parts[index]!;
      out[AT.capacitors + index] = capacitanceF === null ? 0 : now.partsA[index]! / capacitanceF;
    }
    const speed = y[AT.speed]!;
    const hold = condition.isJammed ? 0 : loadTorqueNm(circuit, speed) * Math.tanh(speed / SOFT_START_RADS);
    out[AT.speed] = condition.isJammed ? 0 : (now.torqueNm - hold - windageTorqueNm(circuit, speed)) / machine.inertiaKgm2;
  };
  return { parts, size: AT.capacitors + parts.length, derivative, instantAt, setSwitch };
}
