import { isLoose, type Loose } from "../../kept";
import type { StationMigrations } from "../../station";

/** All of a line were back, or none. */
const withCountBack = (step: unknown): unknown =>
  isLoose(step) ? { countBack: step.backAt == null ? 0 : step.count, isNew: false, ...step } : step;

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const takeApartMigrations: StationMigrations = {
  // How many of a line are back, and whether a new one goes in.
  13: ({ steps, ...rest }: Loose) => ({ ...rest, steps: Array.isArray(steps) ? steps.map(withCountBack) : steps }),
};
