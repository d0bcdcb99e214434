import type { MotorKnowledge } from "./knowledge";
import type { Load, Machine, Topology } from "./machine";
import { speedAndPoles, synchronousRpm } from "./speed";
import { SOUND } from "./condition";
import { toCircuit } from "./circuit";
import { steadyState } from "./steady";

/** A positive quantity that is not known exactly: middle, and standard deviation of its natural log. */
export interface Spread {
  readonly middle: number;
  readonly logSd: number;
}

/**
 * What is fitted, each as a natural log. Impedances are parts of rated volts over rated amps (per unit), so that one table
 * holds for all sizes.
 */
export const PARAMETERS = [
  "volts",
  "amps",
  "slip",
  "mainReactance",
  "rotorReactance",
  "magnetizing",
  "mainResistance",
  "rotorResistance",
  "startOverMain",
  "turnsRatio",
  "startLeakage",
  "runSusceptance",
  "startSusceptance",
  "ironLoss",
  "windage",
] as const;
export type Parameter = (typeof PARAMETERS)[number];
export const PLACE = Object.fromEntries(PARAMETERS.map((name, index) => [name, index])) as Record<Parameter, number>;

/*
 * What small single-phase motors usually are, before anything of this one is known. Middles and spreads of published small
 * motors (Veinott, Theory and Design of Small Induction Motors; Fitzgerald, ch. 9 examples), rounded; wide on purpose.
 */
const USUAL: Record<Parameter, Spread> = {
  volts: { middle: 165, logSd: 0.4 },
  amps: { middle: 2.5, logSd: 1.2 },
  slip: { middle: 0.052, logSd: 0.4 },
  mainReactance: { middle: 0.09, logSd: 0.35 },
  rotorReactance: { middle: 0.09, logSd: 0.32 },
  magnetizing: { middle: 1.6, logSd: 0.24 },
  mainResistance: { middle: 0.095, logSd: 0.4 },
  rotorResistance: { middle: 0.115, logSd: 0.35 },
  startOverMain: { middle: 2.8, logSd: 0.38 },
  turnsRatio: { middle: 1.36, logSd: 0.18 },
  startLeakage: { middle: 1, logSd: 0.2 },
  runSusceptance: { middle: 0.31, logSd: 0.3 },
  startSusceptance: { middle: 3, logSd: 0.4 },
  ironLoss: { middle: 0.045, logSd: 0.5 },
  windage: { middle: 0.025, logSd: 0.5 },
};

/** What differs where the start winding works for a second only. */
const USUAL_OF: Record<Topology, Partial<Record<Parameter, Spread>>> = {
  psc: {},
  cscr: { turnsRatio: { middle: 1.2, logSd: 0.18 }, runSusceptance: { middle: 0.26, logSd: 0.35 } },
  csir: { magnetizing: { middle: 2, logSd: 0.25 }, turnsRatio: { middle: 1.2, logSd: 0.18 }, mainResistance: { middle: 0.07, logSd: 0.4 } },
  split: {
    magnetizing: { middle: 1.8, logSd: 0.25 },
    turnsRatio: { middle: 0.85, logSd: 0.2 },
    startOverMain: { middle: 3.5, logSd: 0.4 },
    mainResistance: { middle: 0.08, logSd: 0.4 },
  },
};

export const usualSpread = (topology: Topology, parameter: Parameter): Spread => USUAL_OF[topology][parameter] ?? USUAL[parameter];

/** How far from the middle a fit may go [standard deviations]. */
export const BOUND_SD = 4;

const USUAL_POLES = 4;
/** A film capacitor's loss resistance is small; an electrolytic start part has ohms. Used where nothing better is known. */
const RUN_CAPACITOR_OHM = 1.5;
const START_CAPACITOR_OHM = 2;
/** A centrifugal switch opens at about three quarters of synchronous speed. @source NEMA MG 1, 1.20.3 (capacitor-start motors) */
const SWITCH_FRACTION = 0.75;
/** Rotor and wheel together, as the time the rated torque needs to bring them to speed. */
const USUAL_RUN_UP_S = 0.35;

/** Poles: from the plate's speed; the commonest where it is missing. */
export function polesOf({ fullLoadRpm }: MotorKnowledge, frequencyHz: number): number {
  return (fullLoadRpm === null ? null : speedAndPoles(fullLoadRpm, frequencyHz)?.poles) ?? USUAL_POLES;
}

/** Supply frequency: from the plate; else the one at which the plate's speed is a usual one; else by the volts. */
export function frequencyOf({ frequencyHz, fullLoadRpm, supplyV }: MotorKnowledge): number {
  if (frequencyHz !== null) return frequencyHz;
  if (fullLoadRpm !== null) {
    const slip = (hz: number): number => speedAndPoles(fullLoadRpm, hz)?.slip ?? 1;
    return slip(50) < slip(60) ? 50 : 60;
  }
  return supplyV !== null && (supplyV < 130 || supplyV === 208) ? 60 : 50;
}

/** The machine these parameters make; its rated load is what it drives at its rated slip. */
export function toMachine(knowledge: MotorKnowledge, theta: ArrayLike<number>): Machine {
  const of = (name: Parameter): number => Math.exp(theta[PLACE[name]] ?? 0);
  const frequencyHz = frequencyOf(knowledge);
  const poles = polesOf(knowledge, frequencyHz);
  const supplyV = of("volts");
  const base = supplyV / of("amps");
  const omega = 2 * Math.PI * frequencyHz;
  const toUf = (susceptance: number): number => (susceptance / base / omega) * 1e6;
  const hasRun = knowledge.topology === "psc" || knowledge.topology === "cscr";
  const hasStart = knowledge.topology === "csir" || knowledge.topology === "cscr";
  const turnsRatio = of("turnsRatio");
  const ratedRpm = synchronousRpm(frequencyHz, poles) * (1 - of("slip"));
  const ratedRadS = (ratedRpm * Math.PI) / 30;
  const unloaded: Machine = {
    topology: knowledge.topology,
    poles,
    frequencyHz,
    supplyV,
    mainResistanceOhm: of("mainResistance") * base,
    mainReactanceOhm: of("mainReactance") * base,
    startResistanceOhm: of("mainResistance") * of("startOverMain") * base,
    startReactanceOhm: of("mainReactance") * of("startLeakage") * turnsRatio * turnsRatio * base,
    rotorResistanceOhm: of("rotorResistance") * base,
    rotorReactanceOhm: of("rotorReactance") * base,
    magnetizingReactanceOhm: of("magnetizing") * base,
    turnsRatio,
    coreResistanceOhm: base / of("ironLoss"),
    windageSyncW: of("windage") * supplyV * of("amps"),
    inertiaKgm2: 1,
    runCapacitor: hasRun
      ? { capacitanceUf: toUf(of("runSusceptance")), resistanceOhm: knowledge.runCapacitor?.resistanceOhm ?? RUN_CAPACITOR_OHM }
      : null,
    startCapacitor: hasStart
      ? { capacitanceUf: toUf(of("startSusceptance")), resistanceOhm: knowledge.startCapacitor?.resistanceOhm ?? START_CAPACITOR_OHM }
      : null,
    switchFraction: SWITCH_FRACTION,
    load: { law: knowledge.loadLaw, ratedTorqueNm: 1, ratedRpm },
  };
  const ratedTorqueNm = Math.max(1e-6, steadyState(toCircuit(unloaded, SOUND), of("slip"), "run").shaftTorqueNm);
  const load: Load = { law: knowledge.loadLaw, ratedTorqueNm, ratedRpm };
  return { ...unloaded, load, inertiaKgm2: (ratedTorqueNm * USUAL_RUN_UP_S) / ratedRadS };
}
