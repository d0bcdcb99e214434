import type { MachineKind } from "../trade";
import type { MotorKnowledge } from "./knowledge";
import type { Load, Machine, Topology } from "./machine";
import { speedAndPoles, synchronousRpm } from "./speed";
import { SOUND } from "./condition";
import { toCircuit } from "./circuit";
import type { Spread } from "./spread";
import { steadyState } from "./steady";
import { usualEfficiency } from "./usual-efficiency";

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
  "runVars",
  "startSusceptance",
  "ironLoss",
  "windage",
] as const;
export type Parameter = (typeof PARAMETERS)[number];
const PLACE = Object.fromEntries(PARAMETERS.map((name, index) => [name, index])) as Record<Parameter, number>;

/*
 * What single-phase motors of about one horsepower usually are, before anything of this one is known. Middles and spreads of published small
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
  // What the run capacitor takes off the line's lagging current, over volts times amps: it sees √(1 + a²) times the volts.
  runVars: { middle: 0.85, logSd: 0.35 },
  startSusceptance: { middle: 3, logSd: 0.4 },
  ironLoss: { middle: 0.045, logSd: 0.5 },
  windage: { middle: 0.025, logSd: 0.5 },
};

/** What differs where the start winding works for a second only. */
const USUAL_OF: Record<Topology, Partial<Record<Parameter, Spread>>> = {
  psc: {},
  cscr: { turnsRatio: { middle: 1.32, logSd: 0.22 }, runVars: { middle: 0.8, logSd: 0.4 } },
  csir: {
    magnetizing: { middle: 1.85, logSd: 0.3 },
    turnsRatio: { middle: 1.2, logSd: 0.18 },
    mainResistance: { middle: 0.07, logSd: 0.4 },
  },
  split: {
    magnetizing: { middle: 1.8, logSd: 0.25 },
    turnsRatio: { middle: 0.85, logSd: 0.2 },
    startOverMain: { middle: 3.5, logSd: 0.4 },
    mainResistance: { middle: 0.08, logSd: 0.4 },
  },
};

/** Efficiency the table above stands for; where a motor of this size loses more, each of its losses is the larger. */
const TABLE_EFFICIENCY = 0.69;
/** How each goes with the losses: in proportion, or less. Judgement, by the same sources. */
const WITH_LOSSES: Partial<Record<Parameter, number>> = {
  slip: 0.6,
  mainResistance: 1,
  rotorResistance: 1,
  ironLoss: 1,
  windage: 1,
};
/**
 * On low mains a start winding has the more turns, so that its capacitor works at the volts its case bears: a small part
 * then does. Judgement, by plates of the trade.
 */
const LOW_MAINS = { belowV: 140, turnsRatio: { middle: 1.7, logSd: 0.3 } } as const;
/** Without a power on the plate: this part of volts times amps. */
const POWER_OF_VA = 0.5;

/** Shaft power as far as the plate tells it; null: nothing does. */
export function roughPowerW({ powerW, supplyV, fullLoadA }: MotorKnowledge): number | null {
  return powerW ?? (supplyV !== null && fullLoadA !== null ? POWER_OF_VA * supplyV * fullLoadA : null);
}

/** Power factor a plate's efficiency is told by, and how far off that may be [sd of the log]. */
const PLATE_POWER_FACTOR: Record<Topology, number> = { psc: 0.93, cscr: 0.92, csir: 0.62, split: 0.61 };
const PLATE_EFFICIENCY_SD = 0.12;

/** Efficiency at the plate's power, before the fit: of its size as the trade has it, and of volts and amps where they stand there. */
function roughEfficiency(knowledge: MotorKnowledge): number | null {
  const { topology, powerW, supplyV, fullLoadA } = knowledge;
  const roughW = roughPowerW(knowledge);
  if (roughW === null) return null;
  const usual = usualEfficiency(roughW);
  if (powerW === null || supplyV === null || fullLoadA === null) return usual.middle;
  const stated = powerW / (supplyV * fullLoadA * PLATE_POWER_FACTOR[topology]);
  const [ofSize, ofPlate] = [usual.logSd ** -2, PLATE_EFFICIENCY_SD ** -2];
  return Math.min(0.9, Math.exp((ofSize * Math.log(usual.middle) + ofPlate * Math.log(stated)) / (ofSize + ofPlate)));
}

/** What is usual of one parameter on a motor of this circuit, size and mains. */
export function usualSpread(knowledge: MotorKnowledge, parameter: Parameter): Spread {
  const { topology, supplyV } = knowledge;
  const hasRun = topology === "psc" || topology === "cscr";
  if (parameter === "turnsRatio" && hasRun && supplyV !== null && supplyV < LOW_MAINS.belowV) return LOW_MAINS.turnsRatio;
  const { middle, logSd } = USUAL_OF[topology][parameter] ?? USUAL[parameter];
  const power = WITH_LOSSES[parameter];
  const efficiency = roughEfficiency(knowledge);
  if (power === undefined || efficiency === null) return { middle, logSd };
  const losses = (1 - efficiency) / (1 - TABLE_EFFICIENCY);
  return { middle: middle * losses ** power, logSd };
}

/** How far from the middle a fit may go [standard deviations]. */
export const BOUND_SD = 4;

const USUAL_POLES = 4;
/** Hermetic compressors turn as fast as their mains let them. */
const POLES_ON: Partial<Record<MachineKind, number>> = { "hermetic-compressor": 2 };
/** A film capacitor's loss resistance is small; an electrolytic start part has ohms. Used where nothing better is known. */
const RUN_CAPACITOR_OHM = 1.5;
const START_CAPACITOR_OHM = 2;
const START_CAPACITOR_LOG_SD = 0.4;

/** A start part's loss resistance is on no label: each member of an ensemble has its own. @param draw a normal deviate */
export function withLossDrawn(knowledge: MotorKnowledge, draw: number): MotorKnowledge {
  const { startCapacitor } = knowledge;
  if (startCapacitor === null || startCapacitor.resistanceOhm !== null) return knowledge;
  return {
    ...knowledge,
    startCapacitor: { ...startCapacitor, resistanceOhm: START_CAPACITOR_OHM * Math.exp(START_CAPACITOR_LOG_SD * draw) },
  };
}
/** A centrifugal switch opens at about three quarters of synchronous speed. @source NEMA MG 1, 1.20.3 (capacitor-start motors) */
const SWITCH_FRACTION = 0.75;
/** Rotor and wheel together, as the time the rated torque needs to bring them to speed. */
const USUAL_RUN_UP_S = 0.35;

/** Poles: from the plate's speed; those usual on such a machine where it is missing. */
export function polesOf({ fullLoadRpm, machineKind }: MotorKnowledge, frequencyHz: number): number {
  const fromSpeed = fullLoadRpm === null ? null : speedAndPoles(fullLoadRpm, frequencyHz)?.poles;
  return fromSpeed ?? POLES_ON[machineKind] ?? USUAL_POLES;
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
      ? {
          capacitanceUf: toUf(of("runVars") / (1 + turnsRatio * turnsRatio)),
          resistanceOhm: knowledge.runCapacitor?.resistanceOhm ?? RUN_CAPACITOR_OHM,
        }
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
