import {
  plateStates,
  SOUND,
  steadyState,
  synchronousRpm,
  toCircuit,
  type LoadLaw,
  type Machine,
  type MotorKnowledge,
  type Topology,
} from "@/core/motor";
import { resistanceAt } from "@/core/winding";
import { randomFrom } from "./parts-list";

/** A fan motor with a run capacitor: 230 V, 50 Hz, about 120 W on the shaft. */
export const FAN: Machine = {
  topology: "psc",
  poles: 4,
  frequencyHz: 50,
  supplyV: 230,
  mainResistanceOhm: 21,
  mainReactanceOhm: 20,
  startResistanceOhm: 52,
  startReactanceOhm: 38,
  rotorResistanceOhm: 26,
  rotorReactanceOhm: 20,
  magnetizingReactanceOhm: 340,
  turnsRatio: 1.35,
  coreResistanceOhm: 4500,
  windageSyncW: 6,
  inertiaKgm2: 0.0016,
  runCapacitor: { capacitanceUf: 5, resistanceOhm: 3 },
  startCapacitor: null,
  switchFraction: 0.75,
  load: { law: "fan", ratedTorqueNm: 0.95, ratedRpm: 1410 },
};

/** A drum motor with start capacitor and switch. Main winding: Fitzgerald, Electric Machinery, example 9.2 (110 V, 1/4 hp). */
export const DRUM: Machine = {
  topology: "csir",
  poles: 4,
  frequencyHz: 60,
  supplyV: 110,
  mainResistanceOhm: 2.02,
  mainReactanceOhm: 2.79,
  startResistanceOhm: 7.14,
  startReactanceOhm: 3.22,
  rotorResistanceOhm: 4.12,
  rotorReactanceOhm: 2.12,
  magnetizingReactanceOhm: 66.8,
  turnsRatio: 1.18,
  coreResistanceOhm: null,
  windageSyncW: 13,
  inertiaKgm2: 0.004,
  runCapacitor: null,
  startCapacitor: { capacitanceUf: 180, resistanceOhm: 1.5 },
  switchFraction: 0.75,
  load: { law: "constant", ratedTorqueNm: 0.95, ratedRpm: 1710 },
};

/** The drum motor with a run capacitor as well. */
export const AGITATOR: Machine = { ...DRUM, topology: "cscr", runCapacitor: { capacitanceUf: 20, resistanceOhm: 1 } };

const FREQUENCIES = [50, 60] as const;
const LAWS: readonly LoadLaw[] = ["fan", "fan", "constant", "compressor"];
const SERIES_UF = [1.5, 2, 2.5, 3, 4, 5, 6, 7.5, 8, 10, 12.5, 15, 17.5, 20, 25, 30, 35, 40, 45, 50, 60] as const;
const RATINGS_V = [250, 300, 370, 400, 440, 475, 525, 630] as const;

function nearest(values: readonly number[], wanted: number): number {
  return values.reduce((best, value) => (Math.abs(Math.log(value / wanted)) < Math.abs(Math.log(best / wanted)) ? value : best));
}

function draw(random: () => number, topology: Topology): Machine {
  const between = (low: number, high: number): number => low + random() * (high - low);
  const of = <T>(values: readonly T[]): T => values[Math.floor(random() * values.length)] as T;
  const frequencyHz = of(FREQUENCIES);
  const supplyV = frequencyHz === 50 ? 230 : of([115, 208, 230]);
  const poles = of([2, 4, 4, 4, 6]);
  const amps = Math.exp(between(Math.log(0.6), Math.log(11)));
  const base = supplyV / amps;
  const isRunning = topology === "psc" || topology === "cscr";
  const turnsRatio = isRunning ? between(1.05, 1.7) : between(0.9, 1.4);
  const mainResistanceOhm = between(0.055, 0.14) * base;
  const mainReactanceOhm = between(0.06, 0.13) * base;
  const machine: Machine = {
    topology,
    poles,
    frequencyHz,
    supplyV,
    mainResistanceOhm,
    mainReactanceOhm,
    startResistanceOhm: mainResistanceOhm * between(1.8, 4.5),
    startReactanceOhm: mainReactanceOhm * turnsRatio ** 2 * between(0.75, 1.3),
    rotorResistanceOhm: between(0.07, 0.17) * base,
    rotorReactanceOhm: between(0.06, 0.13) * base,
    magnetizingReactanceOhm: between(1.15, 2.3) * base,
    turnsRatio,
    coreResistanceOhm: base / between(0.02, 0.08),
    windageSyncW: between(0.01, 0.045) * supplyV * amps,
    inertiaKgm2: 0.002,
    runCapacitor: isRunning
      ? {
          capacitanceUf: nearest(SERIES_UF, (between(0.24, 0.4) / base / (2 * Math.PI * frequencyHz)) * 1e6),
          resistanceOhm: between(0.5, 3),
        }
      : null,
    startCapacitor:
      topology === "psc" ? null : { capacitanceUf: (3 / base / (2 * Math.PI * frequencyHz)) * 1e6, resistanceOhm: between(1, 3) },
    switchFraction: 0.75,
    load: { law: of(LAWS), ratedTorqueNm: 1, ratedRpm: synchronousRpm(frequencyHz, poles) * (1 - between(0.03, 0.085)) },
  };
  const slip = 1 - machine.load.ratedRpm / synchronousRpm(frequencyHz, poles);
  const ratedTorqueNm = steadyState(toCircuit(machine, SOUND), slip, "run").shaftTorqueNm;
  return { ...machine, load: { ...machine.load, ratedTorqueNm } };
}

/** A motor somebody might have designed: efficiency, power factor, breakdown and starting torque are those of sold motors. */
function isSensible(machine: Machine): boolean {
  const { rated, locked, breakdownNm } = plateStates(machine);
  const { ratedTorqueNm } = machine.load;
  const isRunning = machine.runCapacitor !== null;
  return (
    rated.shaftW > 20 &&
    rated.efficiency > (isRunning ? 0.55 : 0.5) &&
    rated.efficiency < 0.82 &&
    rated.powerFactor > (isRunning ? 0.82 : 0.5) &&
    breakdownNm > 1.45 * ratedTorqueNm &&
    breakdownNm < 3.2 * ratedTorqueNm &&
    locked.torqueNm > 0.2 * ratedTorqueNm
  );
}

const TOPOLOGIES_MADE: readonly Topology[] = ["psc", "psc", "csir", "cscr"];

/** A made-up motor, drawn evenly over wide ranges (not from what the estimate takes for usual). */
export function randomMotor(seed: number): Machine {
  const random = randomFrom(seed * 7919 + 13);
  const topology = TOPOLOGIES_MADE[seed % TOPOLOGIES_MADE.length] ?? "psc";
  for (;;) {
    const machine = draw(random, topology);
    if (isSensible(machine)) return machine;
  }
}

/** The plate of a motor, rounded as plates are, and its cold ohms as a meter shows them. */
export function plateOf(machine: Machine): MotorKnowledge {
  const { rated, lightLoad } = plateStates(machine);
  const cold = (warmOhm: number): MotorKnowledge["main"] => {
    const ohm = Number(resistanceAt(warmOhm, 70, 20).toPrecision(3));
    return { ohm, standardOhm: 0.008 * ohm + 0.05, temperatureC: 20 };
  };
  const rating = RATINGS_V.find((volts) => volts >= lightLoad.externalV) ?? 630;
  const part = (capacitor: Machine["runCapacitor"], toleranceFraction: number): MotorKnowledge["runCapacitor"] =>
    capacitor && { capacitanceUf: capacitor.capacitanceUf, toleranceFraction, resistanceOhm: null };
  return {
    topology: machine.topology,
    loadLaw: machine.load.law,
    machineKind: "other",
    supplyV: machine.supplyV,
    frequencyHz: machine.frequencyHz,
    powerW: Number(rated.shaftW.toPrecision(2)),
    fullLoadA: Number(rated.lineA.toFixed(1)),
    fullLoadRpm: 5 * Math.round(rated.speedRpm / 5),
    lockedRotorA: null,
    runCapacitor: part(machine.runCapacitor, 0.05),
    startCapacitor: part(machine.startCapacitor, 0.1),
    capacitorRatedV: machine.runCapacitor ? rating : null,
    main: cold(machine.mainResistanceOhm),
    start: cold(machine.startResistanceOhm),
    warmC: 70,
  };
}
