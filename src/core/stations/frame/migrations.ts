import type { StationMigrations } from "../../station";

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const frameMigrations: StationMigrations = {
  // A beep at the frame.
  3: (data) => ({ beeps: null, ...data }),
  // The frame test repeated.
  8: (data) => ({ again: { isPartOut: false, reading: null }, ...data }),
};
