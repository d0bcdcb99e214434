import type { StationMigrations } from "../../station";

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const complaintMigrations: StationMigrations = {
  // Since when, and after what.
  8: (data) => ({ course: [], after: [], ...data }),
  // What the visit is for.
  16: (data) => ({ purpose: null, ...data }),
};
