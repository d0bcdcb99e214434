import { BEARING_SIZES, type BearingSize } from "./dimension-table";
import { MM_PER_INCH } from "./length";

/** The three boundary dimensions in the order they are measured. */
export const DIMENSIONS = ["bore", "outside", "width"] as const;
export type Dimension = (typeof DIMENSIONS)[number];
/** Measured figures [mm]; null: not measured. */
export type MeasuredSize = Readonly<Record<Dimension, number | null>>;

/** A size of the table beside what was measured. */
export interface SizeCandidate {
  readonly size: BearingSize;
  /** measured less listed [mm]; null where nothing was measured */
  readonly misfitMm: Readonly<Record<Dimension, number | null>>;
  /** the width of a closed one was nearer than that of an open one */
  readonly isClosed: boolean;
  /** largest misfit over what the calliper is good for */
  readonly misfit: number;
  readonly isWithin: boolean;
}

/** What may have gone wrong at the keys. `order`: figures in each other's fields. */
export type SizeSlip = "cm-for-mm" | "mm-for-cm" | "inch-for-mm" | "mm-for-inch" | "point" | "order";

/** A size found once a slip is taken back. */
export interface SlipFound {
  readonly slip: SizeSlip;
  /** figures it concerns */
  readonly dimensions: readonly Dimension[];
  readonly meantMm: MeasuredSize;
  readonly best: SizeCandidate;
}

export interface Identification {
  /** nearest first */
  readonly candidates: readonly SizeCandidate[];
  /** one size fits within what the calliper is good for, and no other does */
  readonly isSettled: boolean;
  readonly slip: SlipFound | null;
}

const SHOWN = 5;

function compare(measured: MeasuredSize, size: BearingSize, calliperMm: number): SizeCandidate {
  const off = (listed: number, found: number | null): number | null => (found === null ? null : found - listed);
  const open = off(size.widthMm, measured.width);
  const closed = size.closedWidthMm === undefined ? null : off(size.closedWidthMm, measured.width);
  const isClosed = open !== null && closed !== null && Math.abs(closed) < Math.abs(open);
  const misfitMm = {
    bore: off(size.boreMm, measured.bore),
    outside: off(size.outsideMm, measured.outside),
    width: isClosed ? closed : open,
  };
  const misfit = Math.max(...DIMENSIONS.map((dimension) => Math.abs(misfitMm[dimension] ?? 0))) / calliperMm;
  // Hundredths keyed beside a tolerance of tenths: the sum of decimals must not decide.
  return { size, misfitMm, isClosed, misfit, isWithin: misfit <= 1 + 1e-9 };
}

const distance = ({ misfitMm }: SizeCandidate): number => DIMENSIONS.reduce((sum, dimension) => sum + (misfitMm[dimension] ?? 0) ** 2, 0);

function nearest(measured: MeasuredSize, calliperMm: number): SizeCandidate[] {
  return BEARING_SIZES.map((size) => compare(measured, size, calliperMm)).sort((a, b) => distance(a) - distance(b));
}

const squared = (found: number | null, listed: number): number => (found === null ? 0 : (found - listed) ** 2);

/** The one nearest size. Slips try many figures at every key, so nothing is built but the answer. */
function nearestOne(measured: MeasuredSize, calliperMm: number): SizeCandidate | null {
  let nearest: BearingSize | null = null;
  let least = Infinity;
  for (const size of BEARING_SIZES) {
    const width = Math.min(squared(measured.width, size.widthMm), squared(measured.width, size.closedWidthMm ?? size.widthMm));
    const off = squared(measured.bore, size.boreMm) + squared(measured.outside, size.outsideMm) + width;
    if (off < least) [nearest, least] = [size, off];
  }
  return nearest ? compare(measured, nearest, calliperMm) : null;
}

const SUBSETS: readonly (readonly Dimension[])[] = [
  ["bore", "outside", "width"],
  ["bore"],
  ["outside"],
  ["width"],
  ["bore", "outside"],
  ["bore", "width"],
  ["outside", "width"],
];
const ORDERS: readonly (readonly [Dimension, Dimension, Dimension])[] = [
  ["outside", "bore", "width"],
  ["width", "outside", "bore"],
  ["bore", "width", "outside"],
  ["outside", "width", "bore"],
  ["width", "bore", "outside"],
];

interface Attempt {
  readonly slip: SizeSlip;
  readonly dimensions: readonly Dimension[];
  readonly meantMm: MeasuredSize;
}

/** Every slip at one or more figures, the likeliest first; those that doubt a unit that was typed come last. */
function attempts(measured: MeasuredSize, told: readonly Dimension[]): Attempt[] {
  const scaled = (slip: SizeSlip, dimensions: readonly Dimension[], factor: number): Attempt[] => {
    if (dimensions.some((dimension) => measured[dimension] === null)) return [];
    const meantMm = Object.fromEntries(
      DIMENSIONS.map((dimension) => [
        dimension,
        dimensions.includes(dimension) ? (measured[dimension] ?? 0) * factor : measured[dimension],
      ]),
    ) as unknown as MeasuredSize;
    return [{ slip, dimensions, meantMm }];
  };
  const given = DIMENSIONS.filter((dimension) => measured[dimension] !== null);
  const subsets = given.length === 3 ? SUBSETS : [given];
  const isAll = (subset: readonly Dimension[]): boolean => subset.length === given.length;
  const isTold = ({ dimensions }: Attempt): boolean => dimensions.some((dimension) => told.includes(dimension));
  const all = [
    ...subsets.flatMap((subset) => scaled(isAll(subset) ? "cm-for-mm" : "point", subset, 10)),
    ...subsets.flatMap((subset) => scaled("inch-for-mm", subset, MM_PER_INCH)),
    ...subsets.flatMap((subset) => scaled("mm-for-inch", subset, 1 / MM_PER_INCH)),
    ...subsets.flatMap((subset) => scaled(subset.every((dimension) => told.includes(dimension)) ? "mm-for-cm" : "point", subset, 0.1)),
    ...(given.length === 3
      ? ORDERS.map(([bore, outside, width]): Attempt => ({
          slip: "order",
          dimensions: DIMENSIONS.filter((dimension) => dimension !== { bore, outside, width }[dimension]),
          meantMm: { bore: measured[bore], outside: measured[outside], width: measured[width] },
        }))
      : []),
  ];
  return [...all.filter((attempt) => !isTold(attempt)), ...all.filter(isTold)];
}

/**
 * Names a bearing from what a calliper shows: the sizes of the table by their distance, with the misfit of each figure;
 * where none fits, slips of unit, point and order are tried and the one that leads to a size is told.
 * @param measured [mm], at least two figures for an answer that settles anything
 * @param calliperMm what the calliper, and the wear of what it measures, are good for [mm], > 0
 * @param told figures whose unit was typed with them
 * @returns no candidates when fewer than two figures are there
 * @source boundary dimensions of ISO 15:2017 and ANSI/ABMA Std 12.2; nearest by least squares
 * @example 1.7 × 4.0 × 1.2 keyed as mm -> 6203 once taken as cm
 */
export function identifyBearing(measured: MeasuredSize, calliperMm: number, told: readonly Dimension[] = []): Identification {
  if (DIMENSIONS.filter((dimension) => measured[dimension] !== null).length < 2) return { candidates: [], isSettled: false, slip: null };
  const ranked = nearest(measured, calliperMm);
  const within = ranked.filter(({ isWithin }) => isWithin);
  const candidates = ranked.slice(0, Math.max(SHOWN, Math.min(within.length, 2 * SHOWN)));
  if (within.length > 0) return { candidates, isSettled: within.length === 1, slip: null };
  const found = attempts(measured, told).flatMap((attempt): SlipFound[] => {
    const best = nearestOne(attempt.meantMm, calliperMm);
    return best?.isWithin ? [{ ...attempt, best }] : [];
  });
  return { candidates, isSettled: false, slip: found[0] ?? null };
}
