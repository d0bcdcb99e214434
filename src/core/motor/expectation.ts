import { normalFrom, quantileOfSorted, seriesFrom } from "../numeric";
import type { KnowledgeEntry } from "./knowledge";
import type { Machine } from "./machine";
import { plateStates } from "./observations";
import { RUN_QUANTITIES, type Prediction, type PredictedRun, type RunQuantity } from "./prediction";

/** Middle 90 % of what is expected: 5th, 50th and 95th percentile. */
export interface Range {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}
export type RunRanges = Readonly<Record<RunQuantity, Range | null>>;

/** What a motor does in one condition, as far as its plate lets one say. */
export interface Expectation {
  /** share of the samples that start by themselves, and that keep running once they turn */
  readonly startsShare: number;
  readonly keepsShare: number;
  readonly running: RunRanges;
  readonly held: RunRanges;
}

/**
 * What the model itself leaves out (saturation, harmonics, heat), as a standard deviation: of the log; of speed as a part.
 * Source: comparison of the two-axis model with tested small motors in Veinott, ch. 12; locked figures saturate most.
 */
export const MODEL_SD: Record<"running" | "held", Record<RunQuantity, number>> = {
  running: { lineA: 0.03, startA: 0.05, capacitorV: 0.04, speedRpm: 0.006, startTimeS: 0.3 },
  held: { lineA: 0.09, startA: 0.1, capacitorV: 0.06, speedRpm: 0.05, startTimeS: 0.3 },
};
const SEED = 90_121;
const QUANTILES = [0.05, 0.5, 0.95] as const;

/** Below this nothing flows, or turns: a figure without a range. */
const NOTHING = 1e-6;

function rangeOf(values: readonly number[], modelSd: number): Range | null {
  if (values.length === 0) return null;
  const normal = normalFrom(seriesFrom(SEED));
  const sorted = values.map((value) => (value < NOTHING ? 0 : value * Math.exp(modelSd * normal()))).sort((a, b) => a - b);
  const [low, middle, high] = QUANTILES.map((share) => quantileOfSorted(sorted, share)) as [number, number, number];
  return { low, middle, high };
}

function rangesOf(figures: readonly PredictedRun[], state: "running" | "held"): RunRanges {
  return Object.fromEntries(
    RUN_QUANTITIES.map((quantity) => {
      const values = figures.map((one) => one[quantity]).filter((value) => value !== null);
      return [quantity, rangeOf(values, MODEL_SD[state][quantity])];
    }),
  ) as RunRanges;
}

/** Ranges over the predictions of all samples in one condition. */
export function expectationOf(predictions: readonly Prediction[]): Expectation {
  const running = predictions.map((one) => one.running).filter((figures) => figures !== null);
  return {
    startsShare: predictions.filter(({ startsAlone }) => startsAlone).length / predictions.length,
    keepsShare: predictions.filter(({ keepsRunning }) => keepsRunning).length / predictions.length,
    running: rangesOf(running, "running"),
    held: rangesOf(
      predictions.map(({ held }) => held),
      "held",
    ),
  };
}

/** What each entry would read on one machine of the ensemble. */
const READ: Record<KnowledgeEntry, (machine: Machine) => number> = {
  volts: ({ supplyV }) => supplyV,
  hertz: ({ frequencyHz }) => frequencyHz,
  power: (machine) => plateStates(machine).rated.shaftW,
  amps: (machine) => plateStates(machine).rated.lineA,
  rpm: ({ load }) => load.ratedRpm,
  "run-capacitor": ({ runCapacitor }) => runCapacitor?.capacitanceUf ?? 0,
  "start-capacitor": ({ startCapacitor }) => startCapacitor?.capacitanceUf ?? 0,
  "main-ohms": ({ mainResistanceOhm }) => mainResistanceOhm,
  "start-ohms": ({ startResistanceOhm }) => startResistanceOhm,
  "locked-amps": (machine) => plateStates(machine).locked.lineA,
};

/** Share of the variance of one list that a straight line through the other explains. */
function explainedShare(xs: readonly number[], ys: readonly number[]): number {
  const mean = (values: readonly number[]): number => values.reduce((sum, value) => sum + value, 0) / values.length;
  const mx = mean(xs);
  const my = mean(ys);
  let xy = 0;
  let xx = 0;
  let yy = 0;
  xs.forEach((x, index) => {
    const y = ys[index] ?? my;
    xy += (x - mx) * (y - my);
    xx += (x - mx) ** 2;
    yy += (y - my) ** 2;
  });
  return xx > 0 && yy > 0 ? (xy * xy) / (xx * yy) : 0;
}

/** An entry that explains less of the range than this is not worth the walk. */
const WORTH_ASKING = 0.15;
/** Within this ratio of high to low the range is narrow enough. */
const NARROW = 1.25;

/**
 * The missing entry that would narrow the expected line amps most: the one whose value goes with them most closely over
 * the ensemble.
 * @param lineA expected running amps of each member
 */
export function narrowingEntry(
  members: readonly Machine[],
  lineA: readonly number[],
  missing: readonly KnowledgeEntry[],
): KnowledgeEntry | null {
  const sorted = [...lineA].sort((a, b) => a - b);
  if (quantileOfSorted(sorted, 0.95) < NARROW * quantileOfSorted(sorted, 0.05)) return null;
  const logs = lineA.map((value) => Math.log(Math.max(value, NOTHING)));
  const shares = missing.map((entry) => ({
    entry,
    share: explainedShare(
      members.map((machine) => Math.log(Math.max(READ[entry](machine), NOTHING))),
      logs,
    ),
  }));
  const best = shares.sort((a, b) => b.share - a.share)[0];
  return best && best.share > WORTH_ASKING ? best.entry : null;
}
