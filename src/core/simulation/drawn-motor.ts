import type { MachineKind, MotorType } from "../trade";
import type { GearSort } from "../startgear";
import { plateStates, SOUND, steadyState, synchronousRpm, toCircuit, type Machine, type Topology } from "../motor";
import type { Chance } from "./chance";

/** A motor in its machine, as it was made and fitted: nothing of it is what the estimate takes for usual. */
export interface DrawnMotor {
  readonly type: MotorType;
  readonly kind: MachineKind;
  readonly gear: GearSort;
  readonly machine: Machine;
  /** as printed: rounded, and by the maker's own tolerance */
  readonly plate: { readonly volts: number; readonly hertz: number; readonly amps: number; readonly rpm: number; readonly powerW: number };
  readonly hasBelt: boolean;
  /** wound for two volts; which of them it is on */
  readonly dual?: { readonly inHand: "lower" | "higher"; readonly volts: string; readonly amps: string };
  /** none of the sorts that are judged: three phases, electronics */
  readonly foreign?: "three-phase" | "electronic";
  /** what of the plate can be read */
  readonly printed?: "whole" | "worn" | "missing";
  /** several speeds: so many, and whether the start winding hangs on common or on the lowest */
  readonly taps?: { readonly speeds: 2 | 3; readonly startAt: "C" | "LO"; readonly sections: readonly number[] };
  /** of a shaded-pole motor: no second winding, so what it draws hardly depends on what it does */
  readonly shaded?: { readonly runningA: number; readonly lockedA: number; readonly rpm: number };
}

/** What is met, and how often, in this world: motors by machine, with their sizes [W]. Chosen apart from the line-up's tables. */
export type MetRow = readonly [
  { readonly type: MotorType; readonly kind: MachineKind; readonly watts: readonly [low: number, high: number] },
  number,
];
const MET: readonly MetRow[] = [
  [{ type: "psc", kind: "fan", watts: [25, 400] }, 24],
  [{ type: "psc", kind: "blower", watts: [90, 750] }, 22],
  [{ type: "psc", kind: "hermetic-compressor", watts: [500, 3000] }, 12],
  [{ type: "cap-start-run", kind: "hermetic-compressor", watts: [800, 3500] }, 3],
  [{ type: "psc", kind: "pump", watts: [150, 750] }, 4],
  [{ type: "cap-start", kind: "pump", watts: [250, 1500] }, 7],
  [{ type: "cap-start", kind: "drum", watts: [180, 400] }, 8],
  [{ type: "split-phase", kind: "drum", watts: [150, 370] }, 6],
  [{ type: "split-phase", kind: "blower", watts: [120, 370] }, 5],
  [{ type: "cap-start-run", kind: "belt-compressor", watts: [1000, 3700] }, 5],
  [{ type: "cap-start-run", kind: "agitator", watts: [350, 1100] }, 4],
];

const TOPOLOGY: Partial<Record<MotorType, Topology>> = { psc: "psc", "cap-start": "csir", "cap-start-run": "cscr", "split-phase": "split" };
const SERIES_UF = [1.5, 2, 3, 4, 5, 6, 7.5, 10, 12.5, 15, 17.5, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80] as const;
const nearest = (wanted: number): number =>
  SERIES_UF.reduce((best, value) => (Math.abs(Math.log(value / wanted)) < Math.abs(Math.log(best / wanted)) ? value : best));

const LAW: Record<MachineKind, Machine["load"]["law"]> = {
  fan: "fan",
  blower: "fan",
  pump: "fan",
  "hermetic-compressor": "equalised",
  "belt-compressor": "equalised",
  drum: "constant",
  agitator: "constant",
  other: "fan",
};

/** Larger motors lose less; a share between the worst and the best of their size. */
const lossFactor = (watts: number, share: number): number => Math.min(2.6, (2.3 - 0.62 * Math.log10(watts / 20)) * (0.75 + 0.5 * share));

/** Hertz and volts of a place, for a motor of so many watts. */
export type Mains = (chance: Chance, watts: number) => { readonly frequencyHz: number; readonly supplyV: number };
const USUAL_MAINS: Mains = ({ of }, watts) => {
  const frequencyHz = of([50, 60, 60]);
  return { frequencyHz, supplyV: frequencyHz === 50 ? of([220, 230, 240]) : watts > 900 ? of([208, 230]) : of([115, 115, 208, 230]) };
};

function drawMachine(chance: Chance, topology: Topology, kind: MachineKind, watts: number, mains: Mains): Machine {
  const { between, of } = chance;
  const { frequencyHz, supplyV } = mains(chance, watts);
  const poles = kind === "hermetic-compressor" ? 2 : of([2, 4, 4, 4, 6]);
  const loss = lossFactor(watts, chance.next());
  const isRunning = topology === "psc" || topology === "cscr";
  const amps = (watts * (1 + 0.55 * loss)) / (supplyV * (isRunning ? between(0.85, 0.97) : between(0.55, 0.72)));
  const base = supplyV / amps;
  const turnsRatio = isRunning ? (supplyV < 130 ? between(1.4, 2.3) : between(1.05, 1.7)) : between(0.85, 1.4);
  const mainResistanceOhm = between(0.05, 0.085) * loss * base;
  const mainReactanceOhm = between(0.06, 0.12) * base;
  const omega = 2 * Math.PI * frequencyHz;
  const runUf = (between(0.45, 0.95) / (1 + turnsRatio ** 2) / base / omega) * 1e6;
  const slip = Math.min(0.13, between(0.018, 0.04) + 0.02 * loss);
  const machine: Machine = {
    topology,
    poles,
    frequencyHz,
    supplyV,
    mainResistanceOhm,
    mainReactanceOhm,
    startResistanceOhm: mainResistanceOhm * between(1.9, 4.2),
    startReactanceOhm: mainReactanceOhm * turnsRatio ** 2 * between(0.8, 1.25),
    rotorResistanceOhm: between(0.05, 0.1) * loss * base,
    rotorReactanceOhm: between(0.06, 0.12) * base,
    magnetizingReactanceOhm: between(1.3, 2.3) * base,
    turnsRatio,
    coreResistanceOhm: base / (between(0.02, 0.05) * loss),
    windageSyncW: between(0.008, 0.025) * loss * supplyV * amps,
    inertiaKgm2: 0.002,
    runCapacitor: isRunning ? { capacitanceUf: nearest(runUf), resistanceOhm: between(0.3, 2) } : null,
    startCapacitor:
      topology === "csir" || topology === "cscr"
        ? { capacitanceUf: Math.round((between(2.6, 4.2) / base / omega) * 1e6), resistanceOhm: between(0.5, 2) }
        : null,
    switchFraction: between(0.7, 0.8),
    load: { law: LAW[kind], ratedTorqueNm: 1, ratedRpm: synchronousRpm(frequencyHz, poles) * (1 - slip), atRest: between(0.1, 0.25) },
  };
  const ratedTorqueNm = steadyState(toCircuit(machine, SOUND), slip, "run").shaftTorqueNm;
  const radS = (machine.load.ratedRpm * Math.PI) / 30;
  return {
    ...machine,
    inertiaKgm2: (Math.max(0.001, ratedTorqueNm) * between(0.15, 0.8)) / radS,
    load: { ...machine.load, ratedTorqueNm },
  };
}

/** Somebody could have sold it: it pulls out well above its load, and starts it. */
function isSold(machine: Machine): boolean {
  const { rated, locked, breakdownNm } = plateStates(machine);
  const { ratedTorqueNm, law } = machine.load;
  return (
    rated.shaftW > 12 &&
    breakdownNm > 1.4 * ratedTorqueNm &&
    locked.torqueNm > (law === "constant" ? 1.3 : 0.28) * ratedTorqueNm &&
    rated.efficiency > 0.15
  );
}

/**
 * Start gear that is usual.
 * @param type of motor
 * @param kind of machine
 * @returns none on a motor that starts without
 */
export const usualGearOf = (type: MotorType, kind: MachineKind): "none" | "switch" | "potential-relay" =>
  type === "psc" ? "none" : kind === "hermetic-compressor" ? "potential-relay" : "switch";

/**
 * Whether a belt drives the machine, as is usual.
 * @param type of motor
 * @param kind of machine
 * @returns false: it sits on the shaft
 */
export const isBelted = (type: MotorType, kind: MachineKind): boolean =>
  kind === "drum" || kind === "belt-compressor" || (kind === "blower" && type !== "psc");

const round = (value: number, digits: number): number => Number(value.toPrecision(digits));
const MOST_TRIES = 400;

/**
 * A motor of this world.
 * @param chance repeatable chance
 * @param met what is met, and how often
 * @param mains hertz and volts of the place
 * @returns the motor
 */
export function drawMotor(chance: Chance, met: readonly MetRow[] = MET, mains: Mains = USUAL_MAINS): DrawnMotor {
  for (let trial = 0; trial < MOST_TRIES; trial += 1) {
    const { type, kind, watts } = chance.weighed(met);
    const topology = TOPOLOGY[type] ?? "psc";
    const machine = drawMachine(chance, topology, kind, Math.exp(chance.between(Math.log(watts[0]), Math.log(watts[1]))), mains);
    if (!isSold(machine)) continue;
    const { rated } = plateStates(machine);
    const usual = usualGearOf(type, kind);
    const gear = usual === "switch" && type !== "split-phase" && chance.is(0.2) ? "potential-relay" : usual;
    return {
      type,
      kind,
      gear,
      machine,
      hasBelt: isBelted(type, kind),
      plate: {
        volts: machine.supplyV,
        hertz: machine.frequencyHz,
        amps: round(rated.lineA * (1 + 0.02 * chance.normal()), 2),
        rpm: 5 * Math.round(machine.load.ratedRpm / 5),
        powerW: round(rated.shaftW * (1 + 0.03 * chance.normal()), 3),
      },
    };
  }
  throw new Error("no motor of this world could have been sold: the tables contradict each other");
}
