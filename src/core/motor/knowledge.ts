import type { MachineKind, MotorType } from "../trade";
import type { WindingKnowledge } from "../winding";
import type { LoadLaw, Topology } from "./machine";

/** What can be read off a motor or measured at rest, and what each would narrow. Ids are used in words. */
export const KNOWLEDGE_ENTRIES = [
  "volts",
  "hertz",
  "power",
  "amps",
  "rpm",
  "run-capacitor",
  "start-capacitor",
  "main-ohms",
  "start-ohms",
  "locked-amps",
] as const;
export type KnowledgeEntry = (typeof KNOWLEDGE_ENTRIES)[number];

/** A capacitor as its label has it. */
export interface CapacitorKnowledge {
  readonly capacitanceUf: number;
  /** half of the tolerance's width over the value */
  readonly toleranceFraction: number;
  readonly resistanceOhm: number | null;
}

/** Figures of a run that was sound, at a speed that was measured: they pin down what the plate leaves open. */
export interface RunningKnowledge {
  readonly speedRpm: number;
  readonly supplyV: number;
  readonly lineA: number | null;
  readonly startA: number | null;
  readonly capacitorV: number | null;
}

/** What a technician knows of a motor. Anything may be missing; ranges grow with what is. */
export interface MotorKnowledge {
  readonly topology: Topology;
  readonly loadLaw: LoadLaw;
  readonly machineKind: MachineKind;
  readonly supplyV: number | null;
  readonly frequencyHz: number | null;
  readonly powerW: number | null;
  readonly fullLoadA: number | null;
  readonly fullLoadRpm: number | null;
  readonly lockedRotorA: number | null;
  readonly runCapacitor: CapacitorKnowledge | null;
  readonly startCapacitor: CapacitorKnowledge | null;
  /** volts printed on the run capacitor: chosen a little above what it sees */
  readonly capacitorRatedV: number | null;
  readonly main: WindingKnowledge | null;
  readonly start: WindingKnowledge | null;
  /** a run known to be sound, from a proof or an earlier visit; absent: none */
  readonly running?: RunningKnowledge;
  /** the plate has another connection, for higher or lower volts, and nobody looked which one is made; absent: it cannot be that */
  readonly otherVolts?: "higher" | "lower";
  /** temperature of the windings while running [°C] */
  readonly warmC: number;
}

/** Circuit of each type of motor; null: the two-winding model does not describe it. */
export const TOPOLOGY_OF_TYPE: Record<Exclude<MotorType, "unknown">, Topology | null> = {
  psc: "psc",
  "cap-start": "csir",
  "cap-start-run": "cscr",
  "split-phase": "split",
  // One winding and copper rings: no start branch to speak of.
  "shaded-pole": null,
};

/** What is usual in a machine, where the plate does not say. */
export const USUAL_OF_MACHINE: Record<MachineKind, { readonly type: keyof typeof TOPOLOGY_OF_TYPE; readonly law: LoadLaw }> = {
  fan: { type: "psc", law: "fan" },
  blower: { type: "psc", law: "fan" },
  pump: { type: "cap-start", law: "fan" },
  "hermetic-compressor": { type: "psc", law: "equalised" },
  "belt-compressor": { type: "cap-start-run", law: "compressor" },
  drum: { type: "cap-start", law: "constant" },
  agitator: { type: "cap-start-run", law: "constant" },
  other: { type: "psc", law: "fan" },
};

/** Time the rated torque would need to bring rotor and wheel to speed [s]: what the inertia of each machine comes to. */
export const USUAL_RUN_UP: Record<MachineKind, number> = {
  fan: 0.6,
  blower: 0.8,
  pump: 0.2,
  "hermetic-compressor": 0.15,
  "belt-compressor": 0.5,
  drum: 0.6,
  agitator: 0.3,
  other: 0.4,
};
