import type { StationMigrations } from "../../station";

const ADDED_IN_4 = {
  machineYears: "",
  isCustom: false,
  also: null,
  earlier: "",
  partHere: null,
  measure: null,
  recheckOn: null,
  causes: {},
};

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const decideMigrations: StationMigrations = {
  // Causes, and what is done meanwhile.
  4: (data) => ({ ...ADDED_IN_4, ...data }),
};
