import { isLoose, type Loose } from "../../kept";
import type { StationMigrations } from "../../station";

/** One part went in, and said itself when it was in. */
function withPieces(exchange: unknown): unknown {
  if (!isLoose(exchange) || !isLoose(exchange.in)) return exchange;
  const { in: piece, ...rest } = exchange;
  const { fittedAt, ...part } = piece as Loose;
  return { ...rest, pieces: [withSheetType({ condition: null, gear: null, ...part })], fittedAt: fittedAt ?? null };
}

/** A sheet did not say how the motor gets its start. */
const withType = (sheet: unknown): unknown => (isLoose(sheet) ? { type: null, ...sheet } : sheet);
const withSheetType = (holder: unknown): unknown => (isLoose(holder) ? { ...holder, sheet: withType(holder.sheet) } : holder);

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const outInMigrations: StationMigrations = {
  // Several pieces may go in at one work, start gear with its own readings; a sheet says how its motor gets its start.
  14: ({ works, old, candidates, ...rest }) => ({
    ...rest,
    old: withType(old),
    candidates: Array.isArray(candidates) ? candidates.map(withSheetType) : candidates,
    works: Object.fromEntries(Object.entries(isLoose(works) ? works : {}).map(([action, exchange]) => [action, withPieces(exchange)])),
  }),
  // Works that need no part, each with its moment.
  16: (data) => ({ done: {}, ...data }),
};
