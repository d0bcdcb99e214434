import { isLoose } from "../../kept";
import type { StationMigrations } from "../../station";

const ADDED_IN_2 = {
  corrections: { parts: {}, kind: null },
  looksBad: null,
  settles: null,
  running: { sections: [], hertz: "", isStartDeviceOut: null },
  swing: { sections: [], rangeEnd: "" },
  discharge: { school: "resistor", resistor: "", resistorW: "", chargedFrom: "", startedAt: null, remaining: null },
  starts: [],
  hasBleed: null,
  kit: null,
  feeds: "",
  place: { strapMm: "", heightMm: "", ambientC: "", terminals: "" },
};

/** What each version of the records changed here. Never edited once released; a new step has the next version's number. */
export const capacitorMigrations: StationMigrations = {
  // Corrections of the label, three methods, discharge, starts and place.
  2: (data) => ({ ...ADDED_IN_2, ...data }),
  // A second part.
  4: (data) => ({ second: { label: "", reading: null }, ...data }),
  // OL on the capacitance range is asked about.
  6: (data) => ({ overLimit: null, ...data, second: isLoose(data.second) ? { overLimit: null, ...data.second } : data.second }),
  // Earlier parts stay with their own label.
  7: (data) => ({ readFor: "", previous: [], ...data, place: isLoose(data.place) ? { coldestC: "", ...data.place } : data.place }),
};
