import { synchronousRpm, type MotorKnowledge, type Topology } from "@/core/motor";
import { randomFrom } from "./parts-list";

const WATTS_PER_HP = 745.7;

/** Usual efficiency by power, low and high end, as the trade has it: six-pole motors on 115 V lie at the low one. */
const EFFICIENCY: readonly (readonly [hp: number, low: number, high: number])[] = [
  [1 / 30, 0.25, 0.42],
  [1 / 15, 0.28, 0.47],
  [1 / 6, 0.4, 0.55],
  [1 / 3, 0.42, 0.63],
  [1 / 2, 0.46, 0.66],
  [1, 0.65, 0.78],
  [3, 0.72, 0.82],
  [5, 0.75, 0.84],
];

/** Power factor by circuit, from a small motor to a large one. */
const POWER_FACTOR: Record<Topology, readonly [low: number, high: number]> = {
  psc: [0.84, 0.98],
  cscr: [0.84, 0.98],
  csir: [0.56, 0.8],
  split: [0.54, 0.68],
};

/** Sizes each circuit is made in [hp]. */
const SIZES: Record<Topology, readonly number[]> = {
  psc: [1 / 30, 1 / 20, 1 / 15, 1 / 12, 1 / 10, 1 / 8, 1 / 6, 1 / 4, 1 / 3, 1 / 2, 3 / 4, 1, 1.5, 2, 3, 5],
  cscr: [1 / 2, 3 / 4, 1, 1.5, 2, 3, 5],
  csir: [1 / 8, 1 / 6, 1 / 4, 1 / 3, 1 / 2, 3 / 4, 1, 1.5, 2, 3, 5],
  split: [1 / 12, 1 / 8, 1 / 6, 1 / 4, 1 / 3, 1 / 2],
};

function efficiencyAt(hp: number, share: number): number {
  const above = Math.max(
    1,
    EFFICIENCY.findIndex(([size]) => size >= hp),
  );
  const [small, large] = [EFFICIENCY[above - 1], EFFICIENCY[above]] as [(typeof EFFICIENCY)[number], (typeof EFFICIENCY)[number]];
  const part = Math.min(1, Math.max(0, Math.log(hp / small[0]) / Math.log(large[0] / small[0])));
  const low = small[1] + part * (large[1] - small[1]);
  return low + share * (small[2] + part * (large[2] - small[2]) - low);
}

/** Last figure a plate prints. */
const toPlate = (amps: number): number => Number(amps.toFixed(amps < 10 ? (amps < 1 ? 2 : 1) : 1));

/** An ordinary plate of the trade, with its size [hp]: made from the usual efficiencies, on either mains frequency. */
export function ordinaryPlate(topology: Topology, seed: number): { readonly hp: number; readonly knowledge: MotorKnowledge } {
  const random = randomFrom(seed);
  const between = (low: number, high: number): number => low + random() * (high - low);
  const of = <T>(values: readonly T[]): T => values[Math.floor(random() * values.length)] as T;
  const hp = of(SIZES[topology]);
  const frequencyHz = of([50, 60]);
  const supplyV = frequencyHz === 50 ? of([220, 230, 240]) : hp > 2 ? of([208, 230]) : of([115, 115, 208, 230]);
  const poles = hp < 0.4 && topology === "psc" ? of([4, 4, 6, 6, 8]) : of([2, 4, 4, 4, 6]);
  const powerW = Math.round(hp * WATTS_PER_HP);
  const isSlow = poles >= 6 && supplyV < 130;
  const efficiency = efficiencyAt(hp, isSlow ? between(-0.1, 0.5) : between(0, 1));
  const [lowFactor, highFactor] = POWER_FACTOR[topology];
  const factor = between(lowFactor, highFactor);
  const exactA = powerW / (supplyV * efficiency * factor);
  const slip = Math.min(0.13, (0.035 + 0.06 * (1 - efficiency)) * between(0.7, 1.7));
  const omega = 2 * Math.PI * frequencyHz;
  // A run capacitor is chosen for the volts its case bears: on low mains the start winding has the more turns for it.
  const ratio = supplyV < 130 ? between(1.5, 2.6) : between(1.05, 1.8);
  const runUf = (between(0.35, 0.95) * exactA) / (omega * supplyV * (1 + ratio * ratio) * 1e-6);
  const seesV = supplyV * Math.sqrt(1 + ratio * ratio);
  const hasRun = topology === "psc" || topology === "cscr";
  const hasStart = topology === "csir" || topology === "cscr";
  const startUf = ((between(2, 4.5) * exactA) / (omega * supplyV)) * 1e6;
  return {
    hp,
    knowledge: {
      topology,
      loadLaw: "fan",
      machineKind: "fan",
      supplyV,
      frequencyHz,
      powerW,
      fullLoadA: toPlate(exactA),
      fullLoadRpm: 5 * Math.round((synchronousRpm(frequencyHz, poles) * (1 - slip)) / 5),
      lockedRotorA: null,
      runCapacitor: hasRun ? { capacitanceUf: Number(runUf.toPrecision(2)), toleranceFraction: 0.06, resistanceOhm: null } : null,
      startCapacitor: hasStart ? { capacitanceUf: Number(startUf.toPrecision(2)), toleranceFraction: 0.15, resistanceOhm: null } : null,
      capacitorRatedV: hasRun ? ([250, 370, 440, 475, 600].find((rating) => rating > seesV) ?? null) : null,
      main: null,
      start: null,
      warmC: 75,
    },
  };
}
