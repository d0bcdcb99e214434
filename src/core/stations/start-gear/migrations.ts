import type { StationMigrations } from "../../station";

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const startGearMigrations: StationMigrations = {
  // Gear that drops out by time: its contact, and when it let go.
  17: (data) => ({ timed: { contact: null, letsGo: null }, ...data }),
};
