import type { Clearance } from "./suffix-table";

/** Radial internal clearance of one class, least and most [µm]. */
export interface ClearanceRange {
  readonly lowUm: number;
  readonly highUm: number;
}

/* Bore up to and including [mm], then C2, normal, C3 and C4, least and most [µm]. */
const ROWS: readonly (readonly [
  number,
  readonly [number, number],
  readonly [number, number],
  readonly [number, number],
  readonly [number, number],
])[] = [
  [10, [0, 7], [2, 13], [8, 23], [14, 29]],
  [18, [0, 9], [3, 18], [11, 25], [18, 33]],
  [24, [0, 10], [5, 20], [13, 28], [20, 36]],
  [30, [1, 11], [5, 20], [13, 28], [23, 41]],
  [40, [1, 11], [6, 20], [15, 33], [28, 46]],
  [50, [1, 11], [6, 23], [18, 36], [30, 51]],
  [65, [1, 15], [8, 28], [23, 43], [38, 61]],
  [80, [1, 15], [10, 30], [25, 51], [46, 71]],
  [100, [1, 18], [12, 36], [30, 58], [53, 84]],
];
const COLUMN: Partial<Record<Clearance, 1 | 2 | 3 | 4>> = { C2: 1, CN: 2, C3: 3, C4: 4 };

/**
 * Radial internal clearance of a new, unmounted deep-groove ball bearing.
 * @param boreMm bore [mm]
 * @param clearance null: normal, as an unmarked bearing has
 * @returns null for classes the standard does not list by this table (CM, C5) and bores beyond it
 * @source ISO 5753-1:2009, table 1
 * @example clearanceRange(17, "C3") -> 11 to 25 µm
 */
export function clearanceRange(boreMm: number, clearance: Clearance | null): ClearanceRange | null {
  const row = ROWS.find(([upToMm]) => boreMm <= upToMm);
  const column = COLUMN[clearance ?? "CN"];
  const found = row && column ? row[column] : undefined;
  return found ? { lowUm: found[0], highUm: found[1] } : null;
}
