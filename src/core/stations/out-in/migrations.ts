import { isLoose, type Loose } from "../../kept";
import type { StationMigrations } from "../../station";

/** One part went in, and said itself when it was in. */
function withPieces(exchange: unknown): unknown {
  if (!isLoose(exchange) || !isLoose(exchange.in)) return exchange;
  const { in: piece, ...rest } = exchange;
  const { fittedAt, ...part } = piece as Loose;
  return { ...rest, pieces: [{ condition: null, gear: null, ...part }], fittedAt: fittedAt ?? null };
}

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const outInMigrations: StationMigrations = {
  // Several pieces may go in at one work, and start gear with its own readings.
  14: ({ works, ...rest }) => ({
    ...rest,
    works: Object.fromEntries(Object.entries(isLoose(works) ? works : {}).map(([action, exchange]) => [action, withPieces(exchange)])),
  }),
};
