import type { Condition, PartState } from "./condition";
import type { CapacitorPart, Machine } from "./machine";

/** Where the start switch or relay stands. */
export type SwitchState = "start" | "run";

/** A shorted capacitor is not quite nothing: leads and contacts. Its own loss resistance is gone too. */
const SHORTED_CAPACITOR_OHM = 0.05;

/** Less than this is no capacitor: a lead's own stray value. */
const SMALLEST_CAPACITANCE_UF = 1e-4;

/** One branch between the line and the start winding; null capacitance: a plain resistance. */
export interface BranchPart {
  readonly resistanceOhm: number;
  readonly capacitanceF: number | null;
}

/** What stands in series with the start winding, as resistance and reactance at the line's frequency. */
export interface ExternalBranch {
  readonly isConnected: boolean;
  readonly resistanceOhm: number;
  readonly reactanceOhm: number;
  /** parts in parallel, for the transient */
  readonly parts: readonly BranchPart[];
  /** open because the run capacitor itself is open: the only break a voltmeter on its terminals can see */
  readonly isOpenAtCapacitor: boolean;
}

/** Machine and condition boiled down to the numbers the equations need. */
export interface Circuit {
  readonly machine: Machine;
  readonly condition: Condition;
  readonly voltageV: number;
  readonly omega: number;
  readonly synchronousRadS: number;
  /** ratio of this frequency to the machine's own; scales every reactance */
  readonly frequencyScale: number;
  /** signed: negative with the start winding reversed */
  readonly turnsRatio: number;
  readonly isMainClosed: boolean;
  readonly isStartClosed: boolean;
  readonly switchRadS: number;
  readonly branches: Readonly<Record<SwitchState, ExternalBranch>>;
}

function partOf(part: CapacitorPart, scale: number, state: PartState): BranchPart | null {
  if (state === "open" || (state === "ok" && part.capacitanceUf * scale < SMALLEST_CAPACITANCE_UF)) return null;
  if (state === "short") return { resistanceOhm: SHORTED_CAPACITOR_OHM, capacitanceF: null };
  return { resistanceOhm: part.resistanceOhm, capacitanceF: part.capacitanceUf * scale * 1e-6 };
}

const OPEN_BRANCH = { isConnected: false, resistanceOhm: 0, reactanceOhm: 0, parts: [] } as const;

/** Parts in parallel as one impedance. */
function branchOf(parts: readonly (BranchPart | null)[], omega: number, isOpenAtCapacitor: boolean): ExternalBranch {
  const closed = parts.filter((part) => part !== null);
  if (closed.length === 0) return { ...OPEN_BRANCH, isOpenAtCapacitor };
  let conductance = 0;
  let susceptance = 0;
  for (const { resistanceOhm, capacitanceF } of closed) {
    const reactance = capacitanceF === null ? 0 : -1 / (omega * capacitanceF);
    const square = resistanceOhm * resistanceOhm + reactance * reactance;
    // A bare winding on the line: nothing in between.
    if (square === 0) return { isConnected: true, resistanceOhm: 0, reactanceOhm: 0, parts: closed, isOpenAtCapacitor: false };
    conductance += resistanceOhm / square;
    susceptance -= reactance / square;
  }
  const square = conductance * conductance + susceptance * susceptance;
  return {
    isConnected: true,
    resistanceOhm: conductance / square,
    reactanceOhm: -susceptance / square,
    parts: closed,
    isOpenAtCapacitor: false,
  };
}

const DIRECT: BranchPart = { resistanceOhm: 0, capacitanceF: null };

function branchesOf({ topology, runCapacitor, startCapacitor }: Machine, condition: Condition, omega: number): Circuit["branches"] {
  const run = runCapacitor && partOf(runCapacitor, condition.runCapacitanceScale, condition.runCapacitor);
  const start = startCapacitor && partOf(startCapacitor, condition.startCapacitanceScale, condition.startCapacitor);
  const none = { ...OPEN_BRANCH, isOpenAtCapacitor: false };
  const startOnly = branchOf([topology === "split" ? DIRECT : start], omega, false);
  const runOnly = branchOf([run], omega, condition.runCapacitor === "open");
  const both = branchOf([run, start], omega, condition.runCapacitor === "open");
  const pair = {
    psc: { start: runOnly, run: runOnly },
    cscr: { start: both, run: runOnly },
    csir: { start: startOnly, run: none },
    split: { start: startOnly, run: none },
  }[topology];
  if (condition.startSwitch === "stuck-closed") return { start: pair.start, run: pair.start };
  if (condition.startSwitch === "stuck-open") return { start: pair.run, run: pair.run };
  return pair;
}

/**
 * Boils machine and condition down once; every operating point of a curve then uses the same circuit.
 * @param machine which machine
 * @param condition state of its parts
 * @returns the circuit
 */
export function toCircuit(machine: Machine, condition: Condition): Circuit {
  const omega = 2 * Math.PI * machine.frequencyHz * condition.frequencyScale;
  const synchronousRadS = (2 * omega) / machine.poles;
  return {
    machine,
    condition,
    voltageV: machine.supplyV * condition.voltageScale,
    omega,
    synchronousRadS,
    frequencyScale: condition.frequencyScale,
    turnsRatio: condition.startWinding === "reversed" ? -machine.turnsRatio : machine.turnsRatio,
    isMainClosed: condition.mainWinding === "ok",
    isStartClosed: condition.startWinding !== "open",
    switchRadS: machine.switchFraction * synchronousRadS,
    branches: branchesOf(machine, condition, omega),
  };
}

/** A motor without a switch is always in the same state. */
export const hasSwitch = ({ topology }: Machine): boolean => topology !== "psc";

/** Friction and windage torque at this speed [N m]: in proportion to speed. */
export function windageTorqueNm({ machine }: Circuit, speedRadS: number): number {
  const ownSynchronousRadS = (4 * Math.PI * machine.frequencyHz) / machine.poles;
  return (machine.windageSyncW * speedRadS) / (ownSynchronousRadS * ownSynchronousRadS);
}
