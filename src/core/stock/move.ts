/** What became of pieces of a line. Persisted: do not change without a migration. */
export const MOVE_KINDS = ["counted", "taken", "put-back", "bought"] as const;
export type MoveKind = (typeof MOVE_KINDS)[number];

/** One change of a count, as an act of its own: it is never changed, and whoever hears of it adds it to what else was done. */
export interface StockMove {
  readonly id: string;
  readonly kind: MoveKind;
  /** pieces that came, negative: went; of a counting what it found more, or fewer, than was thought */
  readonly by: number;
  /** of a counting: the one before it, as it was known; null: there was none, or it is no counting */
  readonly follows: string | null;
  /** when, ISO 8601 */
  readonly at: string;
}
