import { windageTorqueNm, type Circuit, type ExternalBranch, type SwitchState } from "./circuit";

/** An rms phasor, the supply at angle 0. */
export interface Phasor {
  readonly re: number;
  readonly im: number;
}

/** One operating point. Torques are means over a cycle; losses and shaft power add up to the input. */
export interface SteadyState {
  readonly slip: number;
  readonly speedRadS: number;
  readonly speedRpm: number;
  readonly main: Phasor;
  readonly start: Phasor;
  readonly line: Phasor;
  readonly mainA: number;
  readonly startA: number;
  readonly lineA: number;
  readonly startWindingV: number;
  /** line less start winding, whether current flows or not */
  readonly externalV: number;
  /** what a voltmeter on the capacitor shows; 0 when the break is elsewhere */
  readonly capacitorV: number;
  readonly inputW: number;
  readonly inputVar: number;
  readonly powerFactor: number;
  readonly torqueNm: number;
  /** amplitude of the torque at twice the line's frequency: hum */
  readonly pulsatingTorqueNm: number;
  readonly shaftTorqueNm: number;
  readonly mainCopperW: number;
  readonly startCopperW: number;
  readonly externalW: number;
  readonly rotorW: number;
  readonly coreW: number;
  readonly windageW: number;
  readonly shaftW: number;
  /** shaft power over input; negative when the load drives the motor */
  readonly efficiency: number;
  readonly forwardA: number;
  readonly backwardA: number;
}

/** Length of a vector. Math.hypot guards against overflow, which no current here comes near, and takes ten times as long. */
const lengthOf = (x: number, y: number): number => Math.sqrt(x * x + y * y);

/** Impedance of one rotating field: magnetizing reactance, iron and rotor in parallel, at this slip. */
interface Field {
  readonly re: number;
  readonly im: number;
  /** admittance of the rotor in it */
  readonly yRe: number;
  readonly yIm: number;
}
function fieldImpedance(circuit: Circuit, slip: number): Field {
  const { machine, frequencyScale } = circuit;
  const reactance = frequencyScale * machine.rotorReactanceOhm;
  // s / (R2 + j s X2): finite at synchronous speed, where R2/s is not.
  const square = machine.rotorResistanceOhm ** 2 + (slip * reactance) ** 2;
  const yRe = (slip * machine.rotorResistanceOhm) / square;
  const yIm = (-slip * slip * reactance) / square;
  const gRe = yRe + (machine.coreResistanceOhm === null ? 0 : 1 / machine.coreResistanceOhm);
  const gIm = yIm - 1 / (frequencyScale * machine.magnetizingReactanceOhm);
  const all = gRe * gRe + gIm * gIm;
  return { re: gRe / all, im: -gIm / all, yRe, yIm };
}

/** What the equations give before anything is made of it: fields, currents and torque. */
interface Solved {
  readonly branch: ExternalBranch;
  readonly f: Field;
  readonly b: Field;
  readonly isStartClosed: boolean;
  readonly sumRe: number;
  readonly sumIm: number;
  readonly mRe: number;
  readonly mIm: number;
  readonly z1Re: number;
  readonly z1Im: number;
  readonly mainRe: number;
  readonly mainIm: number;
  readonly startRe: number;
  readonly startIm: number;
  readonly fRe: number;
  readonly fIm: number;
  readonly bRe: number;
  readonly bIm: number;
  readonly efSquare: number;
  readonly ebSquare: number;
  readonly torqueNm: number;
}

/** Currents of both windings at a slip, and the torque of both fields. */
function solve(circuit: Circuit, slip: number, state: SwitchState): Solved {
  const { machine, voltageV, frequencyScale, turnsRatio: a, synchronousRadS } = circuit;
  const branch = circuit.branches[state];
  const f = fieldImpedance(circuit, slip);
  const b = fieldImpedance(circuit, 2 - slip);
  const sumRe = (f.re + b.re) / 2;
  const sumIm = (f.im + b.im) / 2;
  const halfRe = (a * (f.re - b.re)) / 2;
  const halfIm = (a * (f.im - b.im)) / 2;
  // Main: Zm Im + M Ia = V with M = −j a (Zf − Zb)/2; start: Za Ia − M Im = V.
  const mRe = halfIm;
  const mIm = -halfRe;
  const z1Re = machine.mainResistanceOhm;
  const z1Im = frequencyScale * machine.mainReactanceOhm;
  const zmRe = z1Re + sumRe;
  const zmIm = z1Im + sumIm;
  const zaRe = machine.startResistanceOhm + branch.resistanceOhm + a * a * sumRe;
  const zaIm = frequencyScale * machine.startReactanceOhm + branch.reactanceOhm + a * a * sumIm;
  const isStartClosed = circuit.isStartClosed && branch.isConnected;

  let mainRe = 0;
  let mainIm = 0;
  let startRe = 0;
  let startIm = 0;
  if (circuit.isMainClosed && isStartClosed) {
    // Cramer: determinant Zm Za + M².
    const dRe = zmRe * zaRe - zmIm * zaIm + mRe * mRe - mIm * mIm;
    const dIm = zmRe * zaIm + zmIm * zaRe + 2 * mRe * mIm;
    const d = dRe * dRe + dIm * dIm;
    const nmRe = voltageV * (zaRe - mRe);
    const nmIm = voltageV * (zaIm - mIm);
    const naRe = voltageV * (zmRe + mRe);
    const naIm = voltageV * (zmIm + mIm);
    mainRe = (nmRe * dRe + nmIm * dIm) / d;
    mainIm = (nmIm * dRe - nmRe * dIm) / d;
    startRe = (naRe * dRe + naIm * dIm) / d;
    startIm = (naIm * dRe - naRe * dIm) / d;
  } else if (circuit.isMainClosed) {
    const d = zmRe * zmRe + zmIm * zmIm;
    mainRe = (voltageV * zmRe) / d;
    mainIm = (-voltageV * zmIm) / d;
  } else if (isStartClosed) {
    const d = zaRe * zaRe + zaIm * zaIm;
    startRe = (voltageV * zaRe) / d;
    startIm = (-voltageV * zaIm) / d;
  }

  // Symmetrical components: If = (Im − j a Ia)/2, Ib = (Im + j a Ia)/2.
  const fRe = (mainRe + a * startIm) / 2;
  const fIm = (mainIm - a * startRe) / 2;
  const bRe = (mainRe - a * startIm) / 2;
  const bIm = (mainIm + a * startRe) / 2;
  const efRe = f.re * fRe - f.im * fIm;
  const efIm = f.re * fIm + f.im * fRe;
  const ebRe = b.re * bRe - b.im * bIm;
  const ebIm = b.re * bIm + b.im * bRe;
  const efSquare = efRe * efRe + efIm * efIm;
  const ebSquare = ebRe * ebRe + ebIm * ebIm;
  const torqueNm = (2 / synchronousRadS) * (efSquare * f.yRe - ebSquare * b.yRe);
  return {
    branch,
    f,
    b,
    sumRe,
    sumIm,
    mRe,
    mIm,
    z1Re,
    z1Im,
    isStartClosed,
    mainRe,
    mainIm,
    startRe,
    startIm,
    fRe,
    fIm,
    bRe,
    bIm,
    efSquare,
    ebSquare,
    torqueNm,
  };
}

/**
 * Mean torque at a slip: that of steadyState, without all else that it tells. Asked thousands of times for one point of rest.
 * @param circuit machine and condition, boiled down
 * @param slip 1 at standstill, 0 at synchronous speed of the forward field
 * @param state where the switch stands
 * @returns torque of both fields [N m]
 */
export const torqueNmAt = (circuit: Circuit, slip: number, state: SwitchState): number => solve(circuit, slip, state).torqueNm;

/**
 * What is left of it at the shaft.
 * @param circuit machine and condition, boiled down
 * @param slip 1 at standstill, 0 at synchronous speed of the forward field
 * @param state where the switch stands
 * @returns torque less friction and windage [N m]
 */
export const shaftTorqueNmAt = (circuit: Circuit, slip: number, state: SwitchState): number =>
  torqueNmAt(circuit, slip, state) - windageTorqueNm(circuit, (1 - slip) * circuit.synchronousRadS);

/**
 * Operating point of the two-winding machine at a slip, by two revolving fields (symmetrical components of two phases).
 * Shorted turns: the closed part shares the main axis, so flux and torque stay and only current and loss rise; a coarse
 * stand-in, since it leaves out the harmonics the fault brings.
 * @param circuit machine and condition, boiled down
 * @param slip 1 at standstill, 0 at synchronous speed of the forward field; any finite value
 * @param state where the switch stands; a motor without one takes either
 * @returns currents, torque, powers and capacitor volts
 * @source Fitzgerald, Electric Machinery, 9.3–9.4; Krause, Analysis of Electric Machinery, ch. 10 (unsymmetrical two-phase machine)
 * @example the quarter-horse, 110 V motor of Fitzgerald 9.2 draws 3.59 A at slip 0.05 (steady.test.ts)
 */
export function steadyState(circuit: Circuit, slip: number, state: SwitchState): SteadyState {
  const { machine, condition, voltageV, frequencyScale, turnsRatio: a, synchronousRadS } = circuit;
  const {
    branch,
    f,
    b,
    sumRe,
    sumIm,
    mRe,
    mIm,
    z1Re,
    z1Im,
    isStartClosed,
    mainRe,
    mainIm,
    startRe,
    startIm,
    fRe,
    fIm,
    bRe,
    bIm,
    efSquare,
    ebSquare,
    torqueNm,
  } = solve(circuit, slip, state);
  // T2 = (poles/ω) |Ef Irb − Eb Irf| with Ir = −E Y: = (2/ωs) |Ef Eb| |Yf − Yb|.
  const pulsatingTorqueNm = (2 / synchronousRadS) * Math.sqrt(efSquare * ebSquare) * lengthOf(f.yRe - b.yRe, f.yIm - b.yIm);
  const rotorW = 2 * machine.rotorResistanceOhm * (rotorSquare(efSquare, f) + rotorSquare(ebSquare, b));
  const coreW = machine.coreResistanceOhm === null ? 0 : (2 * (efSquare + ebSquare)) / machine.coreResistanceOhm;

  // Volts of the start winding: its drop, and what both fields induce in it: −M Im + a² (Zf+Zb)/2 Ia.
  const ownRe = machine.startResistanceOhm + a * a * sumRe;
  const ownIm = frequencyScale * machine.startReactanceOhm + a * a * sumIm;
  const vsRe = ownRe * startRe - ownIm * startIm - (mRe * mainRe - mIm * mainIm);
  const vsIm = ownRe * startIm + ownIm * startRe - (mRe * mainIm + mIm * mainRe);
  const externalV = lengthOf(voltageV - vsRe, vsIm);

  // Shorted turns: main current in (1 − f) of the turns is I + V f/((1 − f) Z1); in the closed part it is I − V/Z1.
  const shorted = circuit.isMainClosed ? condition.shortedMainFraction : 0;
  const z1Square = z1Re * z1Re + z1Im * z1Im;
  const shortGain = shorted / (1 - shorted);
  const inRe = mainRe + (shortGain * voltageV * z1Re) / z1Square;
  const inIm = mainIm - (shortGain * voltageV * z1Im) / z1Square;
  const closedRe = mainRe - (voltageV * z1Re) / z1Square;
  const closedIm = mainIm + (voltageV * z1Im) / z1Square;
  const mainCopperW = z1Re * ((1 - shorted) * (inRe * inRe + inIm * inIm) + shorted * (closedRe * closedRe + closedIm * closedIm));

  const lineRe = inRe + startRe;
  const lineIm = inIm + startIm;
  const lineA = lengthOf(lineRe, lineIm);
  const startSquare = startRe * startRe + startIm * startIm;
  const startA = Math.sqrt(startSquare);
  const speedRadS = (1 - slip) * synchronousRadS;
  const windageNm = windageTorqueNm(circuit, speedRadS);
  const shaftTorqueNm = torqueNm - windageNm;
  const inputW = voltageV * lineRe;
  return {
    slip,
    speedRadS,
    speedRpm: (speedRadS * 30) / Math.PI,
    main: { re: inRe, im: inIm },
    start: { re: startRe, im: startIm },
    line: { re: lineRe, im: lineIm },
    mainA: lengthOf(inRe, inIm),
    startA,
    lineA,
    startWindingV: lengthOf(vsRe, vsIm),
    externalV,
    capacitorV: isStartClosed || (circuit.isStartClosed && branch.isOpenAtCapacitor) ? externalV : 0,
    inputW,
    inputVar: -voltageV * lineIm,
    powerFactor: lineA > 0 ? lineRe / lineA : 0,
    torqueNm,
    pulsatingTorqueNm,
    shaftTorqueNm,
    mainCopperW,
    startCopperW: startSquare * machine.startResistanceOhm,
    externalW: startSquare * branch.resistanceOhm,
    rotorW,
    coreW,
    windageW: windageNm * speedRadS,
    shaftW: shaftTorqueNm * speedRadS,
    efficiency: inputW > 0 ? (shaftTorqueNm * speedRadS) / inputW : 0,
    forwardA: lengthOf(fRe, fIm),
    backwardA: lengthOf(bRe, bIm),
  };
}

const rotorSquare = (emfSquare: number, { yRe, yIm }: { yRe: number; yIm: number }): number => emfSquare * (yRe * yRe + yIm * yIm);
