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

const BLANK_IN_17 = {
  label: "",
  corrections: { parts: {}, kind: null },
  looksBad: null,
  readings: [],
  overLimit: null,
  isIsolated: null,
  settles: null,
  running: { sections: [], hertz: "", isStartDeviceOut: null },
  swing: { sections: [], rangeEnd: "" },
  discharge: { school: "resistor", resistor: "", resistorW: "", chargedFrom: "", startedAt: null, remaining: null },
  hasBleed: null,
  readFor: "",
};

/** The second part had a label and one reading; it was taken to be disconnected when it was read. */
function widened(second: unknown): unknown {
  if (!isLoose(second)) return second;
  const { reading, ...rest } = second;
  const isRead = reading !== null && reading !== undefined;
  return { ...BLANK_IN_17, ...rest, readings: isRead ? [reading] : [], isIsolated: isRead ? true : null };
}

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
  // Both parts by every method.
  17: (data) => ({ ...data, second: widened(data.second) }),
  // A photo of the label.
  19: (data) => ({ photo: null, ...data }),
};
