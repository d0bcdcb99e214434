/** Deviations from the nominal diameter [µm]. */
export interface Deviations {
  readonly lowUm: number;
  readonly highUm: number;
}

/** One step of diameters: above `overMm`, up to and including `toMm`. */
interface Step extends Deviations {
  readonly overMm: number;
  readonly toMm: number;
}

const steps = (rows: readonly (readonly [number, number, number, number])[]): readonly Step[] =>
  rows.map(([overMm, toMm, lowUm, highUm]) => ({ overMm, toMm, lowUm, highUm }));

/** Fields of shafts and seats usual under small bearings. @source ISO 286-2:2010, tables for j, k, H and J */
export const FIT_FIELDS = {
  j6: steps([
    [0, 3, -2, 4],
    [3, 6, -2, 6],
    [6, 10, -2, 7],
    [10, 18, -3, 8],
    [18, 30, -4, 9],
    [30, 50, -5, 11],
    [50, 80, -7, 12],
    [80, 120, -9, 13],
  ]),
  k6: steps([
    [0, 3, 0, 6],
    [3, 6, 1, 9],
    [6, 10, 1, 10],
    [10, 18, 1, 12],
    [18, 30, 2, 15],
    [30, 50, 2, 18],
    [50, 80, 2, 21],
    [80, 120, 3, 25],
  ]),
  H7: steps([
    [3, 6, 0, 12],
    [6, 10, 0, 15],
    [10, 18, 0, 18],
    [18, 30, 0, 21],
    [30, 50, 0, 25],
    [50, 80, 0, 30],
    [80, 120, 0, 35],
    [120, 180, 0, 40],
    [180, 250, 0, 46],
  ]),
  J7: steps([
    [3, 6, -6, 6],
    [6, 10, -7, 8],
    [10, 18, -8, 10],
    [18, 30, -9, 12],
    [30, 50, -11, 14],
    [50, 80, -12, 18],
    [80, 120, -13, 22],
    [120, 180, -14, 26],
    [180, 250, -16, 30],
  ]),
} as const;
export type FitField = keyof typeof FIT_FIELDS;

/** Bore and outside of a bearing of the normal class. @source ISO 492:2014, normal class, ΔDmp and Δdmp */
export const RING_FIELDS = {
  bore: steps([
    [0, 10, -8, 0],
    [10, 18, -8, 0],
    [18, 30, -10, 0],
    [30, 50, -12, 0],
    [50, 80, -15, 0],
    [80, 120, -20, 0],
  ]),
  outside: steps([
    [0, 18, -8, 0],
    [18, 30, -9, 0],
    [30, 50, -11, 0],
    [50, 80, -13, 0],
    [80, 120, -15, 0],
    [120, 150, -18, 0],
    [150, 180, -25, 0],
    [180, 250, -30, 0],
  ]),
} as const;

/**
 * The step a diameter falls in; the outermost for anything beyond the table.
 * @param field steps of a tolerance field
 * @param diameterMm of the seat [mm]
 * @returns upper and lower deviation [µm]
 */
export function deviationsAt(field: readonly Step[], diameterMm: number): Deviations {
  const step = field.find(({ toMm }) => diameterMm <= toMm) ?? field.at(-1);
  return { lowUm: step?.lowUm ?? 0, highUm: step?.highUm ?? 0 };
}
