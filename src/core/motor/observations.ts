import { resistanceAt } from "../winding/temperature";
import { conditionWith, SOUND } from "./condition";
import { toCircuit, type Circuit } from "./circuit";
import type { KnowledgeEntry, MotorKnowledge } from "./knowledge";
import type { Machine, Topology } from "./machine";
import { roughPowerW } from "./parameters";
import { synchronousRpm } from "./speed";
import { shaftTorqueNmAt, steadyState, type SteadyState } from "./steady";
import { usualEfficiency } from "./usual-efficiency";

/** The states of one machine that plate figures speak of; worked out once for all observations. */
export interface PlateStates {
  readonly machine: Machine;
  readonly rated: SteadyState;
  readonly locked: SteadyState;
  readonly lightLoad: SteadyState;
  readonly breakdownNm: number;
}

/** Nearly no load: where a run capacitor sees the most volts. */
const LIGHT_LOAD_SLIP = 0.003;
const BREAKDOWN_SLIPS = [0.08, 0.11, 0.14, 0.18, 0.22, 0.27, 0.33, 0.4, 0.5, 0.62] as const;

function breakdownTorqueNm(circuit: Circuit): number {
  return Math.max(...BREAKDOWN_SLIPS.map((slip) => shaftTorqueNmAt(circuit, slip, "run")));
}

/**
 * What a plate says of running and of standing still.
 * @param machine which machine
 * @returns condition and slip of either state
 */
export function plateStates(machine: Machine): PlateStates {
  const circuit = toCircuit(machine, SOUND);
  const ratedSlip = 1 - machine.load.ratedRpm / synchronousRpm(machine.frequencyHz, machine.poles);
  return {
    machine,
    rated: steadyState(circuit, ratedSlip, "run"),
    locked: steadyState(circuit, 1, "start"),
    lightLoad: steadyState(circuit, LIGHT_LOAD_SLIP, "run"),
    breakdownNm: breakdownTorqueNm(circuit),
  };
}

/** One figure the machine should show: its natural log, and how far off it may be. `entry` null: what is usual, not read. */
export interface Observation {
  readonly entry: KnowledgeEntry | null;
  readonly logValue: number;
  readonly logSd: number;
  readonly of: (states: PlateStates) => number;
}

/*
 * How far a plate's figure may be from the motor's own (standard deviation of the log), rounding apart.
 * Source: IEC 60034-1, Table 20 allows slip ±20 %, locked-rotor current +20 %, losses +15 %; makers stay well inside.
 */
const PLATE_SPREAD = { volts: 0.005, amps: 0.025, power: 0.03, slip: 0.09, locked: 0.07, ohms: 0.025, running: 0.04 } as const;

/** What a designer aims at, where the plate leaves it open: weak hints. Same sources as the usual parameters. */
const DESIGN: Record<Topology, { readonly powerFactor: number; readonly startTorque: number }> = {
  psc: { powerFactor: 0.94, startTorque: 0.45 },
  cscr: { powerFactor: 0.9, startTorque: 1.6 },
  csir: { powerFactor: 0.61, startTorque: 3.2 },
  split: { powerFactor: 0.6, startTorque: 1.5 },
};
const DESIGN_SPREAD = { powerFactor: 0.1, breakdown: 0.28, startTorque: 0.5, capacitorV: 0.13 } as const;
/** A main winding alone magnetizes itself: the larger the motor, the smaller that part. Parts of the power factor by doubling. */
const POWER_FACTOR_A_DOUBLING: Record<Topology, number> = { psc: 0, cscr: 0, csir: 0.04, split: 0.02 };
/** Power at which the table's power factors hold [W]. */
const POWER_FACTOR_AT_W = 370;
const USUAL_BREAKDOWN = 1.95;
/** A run capacitor is rated about for the volts it sees at light load. */
const USUAL_OF_CAPACITOR_RATING = 0.97;
/** Largest figures a sensible log is taken of: a machine that makes no sense is far off, not infinite. */
const SMALLEST = 1e-6;

/** Half a step of the last figure printed, as a part of the value: 3.6 is 3.55..3.65. */
function roundingFraction(value: number): number {
  const text = String(value);
  const decimals = text.includes(".") ? text.length - text.indexOf(".") - 1 : 0;
  return (0.5 * 10 ** -decimals) / value / Math.sqrt(3);
}

const together = (...sds: number[]): number => Math.sqrt(sds.reduce((sum, sd) => sum + sd * sd, 0));

/** Everything this knowledge says of the machine, and what is usual where it says nothing. */
export function observationsOf(knowledge: MotorKnowledge, frequencyHz: number, poles: number): Observation[] {
  const { topology } = knowledge;
  const hasRun = topology === "psc" || topology === "cscr";
  const hasStart = topology === "csir" || topology === "cscr";
  const found: Observation[] = [];
  const take = (entry: KnowledgeEntry | null, value: number | null, logSd: number, of: Observation["of"]): void => {
    if (value !== null && value > 0) found.push({ entry, logValue: Math.log(value), logSd, of });
  };
  take("volts", knowledge.supplyV, PLATE_SPREAD.volts, ({ machine }) => machine.supplyV);
  take("amps", knowledge.fullLoadA, together(PLATE_SPREAD.amps, roundingFraction(knowledge.fullLoadA ?? 1)), ({ rated }) => rated.lineA);
  take("power", knowledge.powerW, PLATE_SPREAD.power, ({ rated }) => rated.shaftW);
  take("locked-amps", knowledge.lockedRotorA, PLATE_SPREAD.locked, ({ locked }) => locked.lineA);
  if (knowledge.fullLoadRpm !== null) {
    const synchronous = synchronousRpm(frequencyHz, poles);
    const slipRpm = Math.max(synchronous - knowledge.fullLoadRpm, 0.002 * synchronous);
    // Plates round to 5 or 25 rpm.
    const rounding = 3 / slipRpm;
    take("rpm", slipRpm, together(PLATE_SPREAD.slip, rounding), ({ rated }) => rated.slip * synchronous);
  }
  const ohms = (winding: MotorKnowledge["main"]): { value: number | null; sd: number } =>
    winding === null
      ? { value: null, sd: 1 }
      : {
          value: resistanceAt(winding.ohm, winding.temperatureC, knowledge.warmC),
          sd: together(PLATE_SPREAD.ohms, winding.standardOhm / winding.ohm),
        };
  const main = ohms(knowledge.main);
  const start = ohms(knowledge.start);
  take("main-ohms", main.value, main.sd, ({ machine }) => machine.mainResistanceOhm);
  take("start-ohms", start.value, start.sd, ({ machine }) => machine.startResistanceOhm);
  const capacitor = (part: MotorKnowledge["runCapacitor"]): number => Math.max(0.005, (part?.toleranceFraction ?? 0) / 2);
  if (hasRun) {
    const { runCapacitor } = knowledge;
    take("run-capacitor", runCapacitor?.capacitanceUf ?? null, capacitor(runCapacitor), (s) => s.machine.runCapacitor?.capacitanceUf ?? 0);
    const ratedV = knowledge.capacitorRatedV;
    take(null, ratedV && USUAL_OF_CAPACITOR_RATING * ratedV, DESIGN_SPREAD.capacitorV, ({ lightLoad }) => lightLoad.externalV);
  }
  if (hasStart) {
    const { startCapacitor } = knowledge;
    take(
      "start-capacitor",
      startCapacitor?.capacitanceUf ?? null,
      capacitor(startCapacitor),
      (s) => s.machine.startCapacitor?.capacitanceUf ?? 0,
    );
  }
  const { running } = knowledge;
  if (running) {
    const slip = 1 - running.speedRpm / synchronousRpm(frequencyHz, poles);
    const at = ({ machine }: PlateStates): SteadyState =>
      steadyState(toCircuit(machine, conditionWith({ voltageScale: running.supplyV / machine.supplyV })), slip, "run");
    take(null, running.lineA, PLATE_SPREAD.running, (states) => at(states).lineA);
    take(null, running.startA, PLATE_SPREAD.running, (states) => at(states).startA);
    take(null, running.capacitorV, PLATE_SPREAD.running, (states) => at(states).capacitorV);
  }
  const design = DESIGN[topology];
  const roughW = roughPowerW(knowledge);
  const efficiency = usualEfficiency(roughW ?? POWER_FACTOR_AT_W);
  take(null, efficiency.middle, efficiency.logSd, ({ rated }) => rated.efficiency);
  const doublings = Math.log2((roughW ?? POWER_FACTOR_AT_W) / POWER_FACTOR_AT_W);
  take(
    null,
    design.powerFactor * (1 + POWER_FACTOR_A_DOUBLING[topology] * doublings),
    DESIGN_SPREAD.powerFactor,
    ({ rated }) => rated.powerFactor,
  );
  take(null, USUAL_BREAKDOWN, DESIGN_SPREAD.breakdown, ({ breakdownNm, machine }) => breakdownNm / machine.load.ratedTorqueNm);
  take(null, design.startTorque, DESIGN_SPREAD.startTorque, ({ locked, machine }) => locked.torqueNm / machine.load.ratedTorqueNm);
  return found;
}

/** How far the machine is from one observation, in its standard deviations. */
export const residualOf = ({ of, logValue, logSd }: Observation, states: PlateStates): number =>
  (Math.log(Math.max(SMALLEST, of(states))) - logValue) / logSd;
