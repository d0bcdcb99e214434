import type { StationMigrations } from "../../station";

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const runTestMigrations: StationMigrations = {
  4: (data) => ({ slipTurns: "", slipSeconds: "", ...data }),
  // A run ends with its coast-down.
  5: (data) => ({ coastDown: null, hotPlace: null, ...data }),
};
