import { parseReading, type Quantity } from "../quantity";
import { COARSE_COUNTS, COARSE_MS, HOLD_TABLE, LIFTED_MS, TAP, type HoldRule } from "./hold-table";

/** What a meter shows at one moment. */
export interface HoldSample {
  /** since any fixed moment [ms] */
  readonly atMs: number;
  /** as it is shown, with its unit */
  readonly display: string;
}

/** A figure that was taken by itself. */
export interface HeldFigure {
  /** in the base unit of the quantity; null: over limit */
  readonly value: number | null;
  /** scatter of what was averaged, k = 1, in the base unit; 0: it stood */
  readonly standardUncertainty: number;
  /** when it was taken [ms] */
  readonly atMs: number;
  /** since when it stood [ms] */
  readonly sinceMs: number;
}

/** What has not settled in so many samples is looked at from there on: a touch of two minutes at five a second. */
const MOST_SAMPLES = 600;

/** One sample, read. */
interface Shown {
  readonly atMs: number;
  readonly value: number;
  /** worth of the last digit */
  readonly step: number;
}

/** Where taking by itself stands. */
export interface Hold {
  readonly quantity: Quantity;
  /** samples of one place, the oldest first */
  readonly run: readonly Shown[];
  /** what was taken in this touch, and must not be taken again */
  readonly taken: Shown | null;
  /** since when nothing is touched [ms]; null: something is */
  readonly apartSinceMs: number | null;
  /** tips near zero that were lifted: since when, and until when [ms]; null: none, or it counted */
  readonly tap: { readonly fromMs: number; readonly toMs: number } | null;
}

/** How the meter stands after a sample, and what it gave. */
export interface AfterSample {
  readonly hold: Hold;
  readonly figure: HeldFigure | null;
}

/**
 * Begins to take figures of one quantity by itself.
 * @param quantity what the meter is set to
 * @returns nothing is touched yet
 */
export const beginHold = (quantity: Quantity): Hold => ({
  quantity,
  run: [],
  taken: null,
  apartSinceMs: null,
  tap: null,
});

const meanOf = (shown: readonly Shown[]): number => shown.reduce((sum, { value }) => sum + value, 0) / shown.length;
const bandOf = (
  { steps, part }: { readonly steps: number; readonly part: number },
  { value, step }: Pick<Shown, "value" | "step">,
): number => Math.max(steps * step, part * Math.abs(value));

const steadyMsOf = ({ steadyMs, longerFrom, longerBelow }: HoldRule, value: number): number =>
  Math.max(
    steadyMs,
    longerFrom && value >= longerFrom.value ? longerFrom.steadyMs : 0,
    longerBelow && value < longerBelow.value ? longerBelow.steadyMs : 0,
  );

/** The shortest end of a run that is long enough. */
function endOf(run: readonly Shown[], { leastSamples }: HoldRule, ms: number): readonly Shown[] | null {
  const last = run.at(-1);
  if (last === undefined) return null;
  const from = run.findLastIndex(({ atMs }) => last.atMs - atMs >= ms);
  if (from < 0) return null;
  const end = run.slice(Math.min(from, run.length - leastSamples));
  return end.length >= leastSamples ? end : null;
}

/** A finer range is still to come. */
function isCoarse(run: readonly Shown[]): boolean {
  const [first, last] = [run[0], run.at(-1)];
  return (
    first !== undefined &&
    last !== undefined &&
    last.step >= 1 &&
    last.value / last.step < COARSE_COUNTS &&
    last.atMs - first.atMs < COARSE_MS
  );
}

/** How far the two halves of a stretch lie apart. */
function creptIn(end: readonly Shown[]): number {
  const half = Math.floor(end.length / 2);
  return Math.abs(meanOf(end.slice(-half)) - meanOf(end.slice(0, half)));
}

/**
 * What is still to come of a figure that comes nearer ever more slowly, by its gain in the first and the second half of the time.
 * @source A. C. Aitken, delta-squared process (1926): the rest of a geometric approach
 */
function leftOf(run: readonly Shown[]): number {
  const [first, last] = [run[0], run.at(-1)] as [Shown, Shown];
  const middleMs = (first.atMs + last.atMs) / 2;
  const middle = run.find(({ atMs }) => atMs >= middleMs) ?? last;
  const [before, after] = [middle.value - first.value, last.value - middle.value];
  return before * after <= 0 || Math.abs(after) >= Math.abs(before) ? 0 : Math.abs(after ** 2 / (before - after));
}

/** The end of a run that stands for one figure; null: it has not settled. */
function settledEnd(run: readonly Shown[], rule: HoldRule): readonly Shown[] | null {
  const last = run.at(-1);
  if (last === undefined || isCoarse(run)) return null;
  const steadyMs = steadyMsOf(rule, last.value);
  const end = endOf(run, rule, steadyMs);
  if (end === null || end.some(({ step }) => step !== last.step)) return null;
  const values = end.map(({ value }) => value);
  if (Math.max(...values) - Math.min(...values) > bandOf(rule.within, last)) return null;
  const crept = creptIn(end);
  if (crept > bandOf(rule.creep, last)) {
    if (rule.doubt === undefined || crept > bandOf(rule.doubt, last)) return null;
    const longer = endOf(run, rule, 2 * steadyMs);
    if (longer === null || creptIn(longer) > bandOf(rule.doubt, last)) return null;
  }
  if (rule.mostLeft !== undefined && leftOf(run) > rule.mostLeft * last.value) return null;
  if (rule.slowedTo !== undefined) {
    const [from] = end as [Shown];
    const aSecond = (Math.abs(last.value - from.value) / (last.atMs - from.atMs)) * 1000;
    if (aSecond >= rule.slowedTo * last.value) return null;
  }
  return end;
}

function figureOfEnd(end: readonly Shown[], { isAveraged, slowedTo }: HoldRule): HeldFigure {
  const [first, last] = [end[0], end.at(-1)] as [Shown, Shown];
  const counted = isAveraged ? end : slowedTo === undefined ? end.slice(-Math.ceil(end.length / 2)) : [last];
  const value = meanOf(counted);
  const scatter = isAveraged ? Math.sqrt(counted.reduce((sum, each) => sum + (each.value - value) ** 2, 0) / counted.length) : 0;
  return { value, standardUncertainty: scatter, atMs: last.atMs, sinceMs: first.atMs };
}

/** Nothing is touched: a touch ends, and tips that were only tapped together say that it is open. */
function whileApart(hold: Hold, atMs: number): AfterSample {
  const apartSinceMs = hold.apartSinceMs ?? atMs;
  const first = hold.run[0];
  const isTapped =
    hold.quantity === "resistance" &&
    hold.taken === null &&
    first !== undefined &&
    hold.run.every(({ value, step }) => value <= TAP.mostOhm && step < 1);
  const tap = isTapped ? { fromMs: first.atMs, toMs: atMs } : first === undefined ? hold.tap : null;
  const taken = atMs - apartSinceMs >= LIFTED_MS ? null : hold.taken;
  const next: Hold = { ...hold, run: [], taken, apartSinceMs, tap };
  if (tap === null || atMs - tap.toMs < TAP.openMs) return { hold: next, figure: null };
  const lengthMs = tap.toMs - tap.fromMs;
  const isMeant = lengthMs >= TAP.leastMs && lengthMs <= TAP.mostMs;
  return {
    hold: { ...next, tap: null },
    figure: isMeant ? { value: null, standardUncertainty: 0, atMs, sinceMs: tap.fromMs } : null,
  };
}

const isMovedFrom = (taken: Shown, shown: Shown, { moved }: HoldRule): boolean =>
  Math.abs(shown.value - taken.value) > bandOf(moved, { value: taken.value, step: Math.max(taken.step, shown.step) });

/**
 * Takes one more sample, and the figure with it, once it has settled: after a touch, a run of samples within what the meter
 * shows, for as long as its quantity needs. One touch gives one figure; another place in the same touch, or the same place after
 * lifting, gives another.
 * @param hold how it stood
 * @param sample what the meter shows now
 * @returns how it stands, and the figure that was taken; null: none with this sample
 */
export function holdNext(hold: Hold, { atMs, display }: HoldSample): AfterSample {
  const rule = HOLD_TABLE[hold.quantity];
  const read = parseReading(display, hold.quantity);
  if (rule === undefined || !read.ok || read.value.kind === "lower-bound") return { hold: { ...hold, run: [] }, figure: null };
  if (read.value.kind === "over-limit")
    return rule.apartBelow === null ? whileApart(hold, atMs) : { hold: { ...hold, run: [] }, figure: null };
  const { value, step } = read.value;
  if (rule.apartBelow !== null && Math.abs(value) <= rule.apartBelow) return whileApart(hold, atMs);
  const shown: Shown = { atMs, value, step };
  const wasLifted = hold.apartSinceMs !== null && atMs - hold.apartSinceMs >= LIFTED_MS;
  const known = wasLifted ? null : hold.taken;
  const run = [...hold.run, shown].slice(-MOST_SAMPLES);
  const next: Hold = { ...hold, run, taken: known, apartSinceMs: null, tap: null };
  const end = settledEnd(run, rule);
  if (end === null) return { hold: next, figure: null };
  const figure = figureOfEnd(end, rule);
  const held: Shown = { atMs, value: figure.value ?? value, step };
  if (known !== null && !isMovedFrom(known, held, rule)) return { hold: { ...next, run: end }, figure: null };
  return { hold: { ...next, run: end, taken: held }, figure };
}

/**
 * The line went down: what was not taken by then is not.
 * @param hold how it stood
 * @returns nothing is touched
 */
export const loseHold = ({ quantity }: Hold): Hold => beginHold(quantity);
