import type { StationMigrations } from "../../station";

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const powerBackMigrations: StationMigrations = {
  // Each return to power is a round of its own; those before it are kept.
  15: ({ ...data }) => ({ ...data, earlier: [] }),
};
