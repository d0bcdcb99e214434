import { toCircuit } from "./circuit";
import { SOUND, type Condition } from "./condition";
import { torqueSpeedCurve, type CurvePoint } from "./curve";
import { conditionOfFault, type Fault } from "./faults";
import { isByLuck, LUCK_TIMES_SOUND } from "./luck";
import type { Machine } from "./machine";
import { startTimeS } from "./prediction";
import { hasStarted, restFromStandstill, restWhenRunning } from "./resting";
import { steadyState, type SteadyState } from "./steady";

/** One thing to try on a motor: another capacitor, other volts, a fault. */
export interface WhatIfChoice {
  /** value of the capacitor that matters to this motor [µF]; null: as the machine has it */
  readonly capacitanceUf: number | null;
  readonly supplyV: number;
  readonly fault: Fault | null;
}

/** What the motor does then, at the load its plate names. */
export interface WhatIfCase {
  readonly curve: readonly CurvePoint[];
  readonly startsAlone: boolean;
  readonly keepsRunning: boolean;
  /** at speed; null: it stands, or crawls */
  readonly operating: SteadyState | null;
  readonly standstill: SteadyState;
  readonly breakdownNm: number;
  /** to 90 % of its speed; null: it does not get there alone */
  readonly startTimeS: number | null;
  /** line amps from the least to the most, where luck decides whether it starts, creeps or stands; null: it does not */
  readonly byLuck: { readonly low: number; readonly high: number } | null;
  /** copper and rotor losses where it comes to rest [W] */
  readonly heatW: number;
  readonly startHeatW: number;
}

/**
 * Which of its capacitors a motor is tried with: the run one where it has one.
 * @param machine the machine
 * @returns which one, and its value [µF]
 */
export function capacitorOf({
  runCapacitor,
  startCapacitor,
}: Machine): { readonly which: "run" | "start"; readonly capacitanceUf: number } | null {
  if (runCapacitor) return { which: "run", capacitanceUf: runCapacitor.capacitanceUf };
  return startCapacitor ? { which: "start", capacitanceUf: startCapacitor.capacitanceUf } : null;
}

/**
 * The condition a choice makes of the machine; a fault of the capacitor starts from the value chosen.
 * @param machine which machine
 * @param choice what is tried
 * @returns the condition
 */
export function conditionOfChoice(machine: Machine, { capacitanceUf, supplyV, fault }: WhatIfChoice): Condition {
  const faulty = fault ? conditionOfFault(fault, machine) : SOUND;
  const own = capacitorOf(machine);
  const scale = own && capacitanceUf !== null ? capacitanceUf / own.capacitanceUf : 1;
  return {
    ...faulty,
    runCapacitanceScale: faulty.runCapacitanceScale * (own?.which === "run" ? scale : 1),
    startCapacitanceScale: faulty.startCapacitanceScale * (own?.which === "start" ? scale : 1),
    voltageScale: faulty.voltageScale * (supplyV / machine.supplyV),
  };
}

const heatOf = (at: SteadyState): number => at.mainCopperW + at.startCopperW + at.rotorW;

/** From a start that comes off, at about twice what it drew, to a rotor that stands. */
function luckBandA(machine: Machine, sound: WhatIfChoice, standingA: number): { readonly low: number; readonly high: number } | null {
  const { operating } = whatIf(machine, sound, 2);
  return operating && { low: LUCK_TIMES_SOUND * operating.lineA, high: Math.max(standingA, LUCK_TIMES_SOUND * operating.lineA) };
}

/**
 * Works a choice out: curves, where it settles, and how it gets there.
 * @param machine which machine
 * @param choice what is tried
 * @param points points of the curve
 * @returns curves, resting point and start
 */
export function whatIf(machine: Machine, choice: WhatIfChoice, points = 60): WhatIfCase {
  const condition = conditionOfChoice(machine, choice);
  const isBackwards = condition.startWinding === "reversed";
  const circuit = toCircuit(machine, condition);
  // Wired the other way round it does the same, backwards: the curves show that, the figures are those of the run.
  const running = isBackwards ? toCircuit(machine, { ...condition, startWinding: "ok" }) : circuit;
  const rest = restFromStandstill(running);
  const startsAlone = hasStarted(running, rest.steady);
  const operating = startsAlone ? rest.steady : restWhenRunning(running);
  const standstill = steadyState(circuit, 1, "start");
  const settled = startsAlone ? rest.steady : standstill;
  const curve = torqueSpeedCurve(circuit, points);
  return {
    curve,
    startsAlone,
    keepsRunning: operating !== null,
    operating,
    standstill,
    byLuck: isByLuck(choice.fault?.id) ? luckBandA(machine, { ...choice, fault: null }, standstill.lineA) : null,
    breakdownNm: Math.max(...curve.map(({ shaftTorqueNm }) => shaftTorqueNm)),
    startTimeS: startsAlone ? startTimeS(running, rest.steady.speedRadS) : null,
    heatW: heatOf(settled),
    startHeatW: settled.startCopperW,
  };
}

/** What somebody at the machine would notice, with the figure behind it. */
export type Notice =
  | { readonly kind: "stands"; readonly lineA: number; readonly canBePushed: boolean }
  | { readonly kind: "dead" }
  | { readonly kind: "by-luck"; readonly lowA: number; readonly highA: number }
  | { readonly kind: "backwards" }
  | { readonly kind: "slower-start"; readonly times: number; readonly seconds: number }
  | { readonly kind: "weaker-start"; readonly fraction: number }
  | { readonly kind: "slower"; readonly rpm: number; readonly flowFraction: number | null }
  | { readonly kind: "faster"; readonly rpm: number }
  | { readonly kind: "hotter"; readonly fraction: number; readonly isStartWinding: boolean }
  | { readonly kind: "cooler"; readonly fraction: number }
  | { readonly kind: "louder"; readonly fraction: number }
  | { readonly kind: "capacitor-over-volts"; readonly volts: number; readonly ratedV: number };

/** Changes smaller than these go unnoticed. */
const NOTICED = { time: 1.3, torque: 0.85, rpm: 0.004, heat: 0.12, startHeat: 0.3, hum: 0.2 } as const;
const NO_CURRENT_A = 0.02;

/**
 * What would be noticed of one case against another, usually the sound motor of the plate.
 * @param machine which machine
 * @param found the case that is tried
 * @param reference what it is held against
 * @param fault which fault; null: none
 * @param ratedV volts printed on the capacitor; null: not known
 * @returns what differs enough to be noticed
 * @source fan laws for the flow (flow in proportion to speed); heat and hum by the losses and the pulsating torque of the model
 */
export function noticesOf(
  machine: Machine,
  found: WhatIfCase,
  reference: WhatIfCase,
  fault: Fault | null,
  ratedV: number | null,
): Notice[] {
  if (found.standstill.lineA < NO_CURRENT_A && found.operating === null) return [{ kind: "dead" }];
  const notices: Notice[] = [];
  if (fault?.id === "start-winding-reversed") notices.push({ kind: "backwards" });
  if (found.byLuck) return [{ kind: "by-luck", lowA: found.byLuck.low, highA: found.byLuck.high }];
  if (!found.startsAlone) notices.push({ kind: "stands", lineA: found.standstill.lineA, canBePushed: found.keepsRunning });
  else if (found.startTimeS !== null && reference.startTimeS !== null && found.startTimeS > NOTICED.time * reference.startTimeS)
    notices.push({ kind: "slower-start", times: found.startTimeS / reference.startTimeS, seconds: found.startTimeS });
  else if (found.standstill.torqueNm < NOTICED.torque * reference.standstill.torqueNm && fault?.id !== "start-winding-reversed")
    notices.push({ kind: "weaker-start", fraction: 1 - found.standstill.torqueNm / reference.standstill.torqueNm });
  const [now, before] = [found.operating, reference.operating];
  if (!now || !before) return notices;
  const rpm = before.speedRpm - now.speedRpm;
  if (rpm > NOTICED.rpm * before.speedRpm)
    notices.push({ kind: "slower", rpm, flowFraction: machine.load.law === "fan" ? rpm / before.speedRpm : null });
  if (-rpm > NOTICED.rpm * before.speedRpm) notices.push({ kind: "faster", rpm: -rpm });
  const heat = heatOf(now) / heatOf(before) - 1;
  const startHeat = before.startCopperW > 0 ? now.startCopperW / before.startCopperW - 1 : now.startCopperW > 1 ? Infinity : 0;
  if (heat > NOTICED.heat) notices.push({ kind: "hotter", fraction: heat, isStartWinding: false });
  else if (startHeat > NOTICED.startHeat) notices.push({ kind: "hotter", fraction: startHeat, isStartWinding: true });
  else if (-heat > NOTICED.heat) notices.push({ kind: "cooler", fraction: -heat });
  const hum = before.pulsatingTorqueNm > 0 ? now.pulsatingTorqueNm / before.pulsatingTorqueNm - 1 : 0;
  if (hum > NOTICED.hum) notices.push({ kind: "louder", fraction: hum });
  if (ratedV !== null && now.capacitorV > ratedV) notices.push({ kind: "capacitor-over-volts", volts: now.capacitorV, ratedV });
  return notices;
}
