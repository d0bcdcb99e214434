import { isLoose } from "../../kept";
import type { StationMigrations } from "../../station";

/** That none is fitted was a tick; that it was taken out or bridged could not be said. */
function withCapacitor(round: unknown): unknown {
  if (!isLoose(round)) return round;
  const { hasNoCapacitor, ...rest } = round;
  return { ...rest, capacitorIs: hasNoCapacitor === true ? "none-fitted" : null };
}

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const makeSafeMigrations: StationMigrations = {
  17: ({ round, earlier, ...rest }) => ({
    ...rest,
    round: withCapacitor(round),
    earlier: Array.isArray(earlier) ? earlier.map(withCapacitor) : earlier,
  }),
};
