import { conditionWith, type Condition } from "./condition";
import type { Machine, Topology } from "./machine";

/** Ways a motor goes wrong, as the model knows them. Ids are used in words; do not change without their sentences. */
export const FAULT_IDS = [
  "run-capacitor-weak",
  "run-capacitor-open",
  "run-capacitor-shorted",
  "run-capacitor-large",
  "start-capacitor-weak",
  "start-capacitor-open",
  "start-capacitor-shorted",
  "switch-stuck-closed",
  "switch-stuck-open",
  "start-winding-open",
  "start-winding-reversed",
  "main-winding-open",
  "shorted-turns",
  "supply-low",
  "supply-high",
  "bearings-tight",
  "jammed",
  "load-heavy",
  "load-gone",
  "wired-for-higher",
  "wired-for-lower",
] as const;
export type FaultId = (typeof FAULT_IDS)[number];

/** One fault at one degree. */
export interface Fault {
  readonly id: FaultId;
  readonly level: number;
}

/** A fault as a change of condition. `levels`: its degrees, from mild to bad; one level: it is there or it is not. */
export interface FaultSpec {
  readonly topologies: readonly Topology[];
  /** what a level is a part of; null: no degree to speak of */
  readonly levelOf: "capacitance" | "turns" | "volts" | "rated torque" | "load" | null;
  readonly levels: readonly number[];
  readonly change: (level: number, machine: Machine) => Partial<Condition>;
  /** line amps over those of the machine in that condition, where the line sees its halves otherwise; left out: the same */
  readonly lineTimes?: number;
}

const ALL: readonly Topology[] = ["psc", "cscr", "csir", "split"];
const WITH_RUN: readonly Topology[] = ["psc", "cscr"];
const WITH_START: readonly Topology[] = ["csir", "cscr"];
const WITH_SWITCH: readonly Topology[] = ["csir", "cscr", "split"];
const YES = { levelOf: null, levels: [1] } as const;

/** Every fault over the one model. @source Veinott, Theory and Design of Small Induction Motors, ch. 11; trade practice for degrees */
export const FAULTS: Record<FaultId, FaultSpec> = {
  "run-capacitor-weak": {
    topologies: WITH_RUN,
    levelOf: "capacitance",
    levels: [0.8, 0.6, 0.4, 0.2],
    change: (runCapacitanceScale) => ({ runCapacitanceScale }),
  },
  "run-capacitor-open": { topologies: WITH_RUN, ...YES, change: () => ({ runCapacitor: "open" }) },
  "run-capacitor-shorted": { topologies: WITH_RUN, ...YES, change: () => ({ runCapacitor: "short" }) },
  "run-capacitor-large": {
    topologies: WITH_RUN,
    levelOf: "capacitance",
    levels: [1.25, 1.5, 2],
    change: (runCapacitanceScale) => ({ runCapacitanceScale }),
  },
  "start-capacitor-weak": {
    topologies: WITH_START,
    levelOf: "capacitance",
    levels: [0.7, 0.4],
    change: (startCapacitanceScale) => ({ startCapacitanceScale }),
  },
  "start-capacitor-open": { topologies: WITH_START, ...YES, change: () => ({ startCapacitor: "open" }) },
  "start-capacitor-shorted": { topologies: WITH_START, ...YES, change: () => ({ startCapacitor: "short" }) },
  "switch-stuck-closed": { topologies: WITH_SWITCH, ...YES, change: () => ({ startSwitch: "stuck-closed" }) },
  "switch-stuck-open": { topologies: WITH_SWITCH, ...YES, change: () => ({ startSwitch: "stuck-open" }) },
  "start-winding-open": { topologies: ALL, ...YES, change: () => ({ startWinding: "open" }) },
  "start-winding-reversed": { topologies: ALL, ...YES, change: () => ({ startWinding: "reversed" }) },
  "main-winding-open": { topologies: ALL, ...YES, change: () => ({ mainWinding: "open" }) },
  "shorted-turns": {
    topologies: ALL,
    levelOf: "turns",
    levels: [0.03, 0.08, 0.15],
    change: (shortedMainFraction) => ({ shortedMainFraction }),
  },
  "supply-low": { topologies: ALL, levelOf: "volts", levels: [0.9, 0.8, 0.7], change: (voltageScale) => ({ voltageScale }) },
  "supply-high": { topologies: ALL, levelOf: "volts", levels: [1.1, 1.2], change: (voltageScale) => ({ voltageScale }) },
  "bearings-tight": {
    topologies: ALL,
    levelOf: "rated torque",
    levels: [0.25, 0.5, 1, 1.6],
    change: (level, { load }) => ({ dragTorqueNm: level * load.ratedTorqueNm }),
  },
  jammed: { topologies: ALL, ...YES, change: () => ({ isJammed: true }) },
  "load-heavy": { topologies: ALL, levelOf: "load", levels: [1.25, 1.5, 2, 2.5], change: (loadScale) => ({ loadScale }) },
  "load-gone": { topologies: ALL, ...YES, change: () => ({ loadScale: 0.1 }) },
  // Halves in series on the lower volts: each sees half, and the line feeds one of them instead of two side by side.
  "wired-for-higher": {
    topologies: ALL,
    levelOf: null,
    levels: [0.5],
    change: (voltageScale) => ({ voltageScale }),
    lineTimes: 0.5,
  },
  // Halves side by side on the higher volts: each sees double, and iron saturates.
  "wired-for-lower": {
    topologies: ALL,
    levelOf: null,
    levels: [1.7, 2, 2.4],
    change: (voltageScale) => ({ voltageScale }),
    lineTimes: 2,
  },
};

/**
 * The faults a motor of this circuit can have.
 * @param topology circuit of the motor
 * @returns ids of faults
 */
export const faultsFor = (topology: Topology): readonly FaultId[] => FAULT_IDS.filter((id) => FAULTS[id].topologies.includes(topology));

/**
 * The condition this fault makes of the machine.
 * @param fault the fault and how far it goes
 * @param machine the sound machine
 * @returns the condition
 */
export const conditionOfFault = ({ id, level }: Fault, machine: Machine): Condition => conditionWith(FAULTS[id].change(level, machine));
