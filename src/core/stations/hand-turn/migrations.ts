import type { StationMigrations } from "../../station";

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const handTurnMigrations: StationMigrations = {
  // An indicator beside the hand, and which end.
  5: (data) => ({ radialMm: "", endMm: "", feltAt: null, ...data }),
  // Turned again with the load off.
  8: (data) => ({ unloaded: null, ...data }),
};
