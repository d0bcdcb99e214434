import type { StationMigrations } from "../../station";

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const lookMigrations: StationMigrations = {
  8: (data) => ({ ruledOut: [], ...data }),
};
