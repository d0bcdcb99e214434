import type { StationMigrations } from "../../station";

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const plateMigrations: StationMigrations = {
  4: (data) => ({ age: "", ...data }),
  // Several connections, hertz, speeds, and two capacitors.
  6: (data) => ({ secondCapacitor: "", picks: { connection: null, hertz: null, speed: null }, areAmpsSure: false, ...data }),
  8: (data) => ({ drive: null, ...data }),
  11: (data) => ({ burnsGas: null, ...data }),
  // What sort of motor it is, where a person said.
  17: (data) => ({ sort: null, ...data }),
  // Who made it, and by what it is ordered.
  18: (data) => ({ maker: "", model: "", partNumber: "", serial: "", ...data }),
  // A photo of it.
  19: (data) => ({ photo: null, ...data }),
};
