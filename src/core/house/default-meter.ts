import type { Meter } from "../quantity";

/**
 * A mid-priced handheld multimeter with a clamp, for a house that has not entered its own data sheet.
 * Rows in rising order; resistance includes the tens of megohms where such a meter ends.
 */
export const DEFAULT_METER: Meter = {
  id: "default",
  name: "Usual multimeter with clamp",
  isAssumed: true,
  ranges: {
    capacitance: [
      { upTo: 10, percent: 1, digits: 3, resolution: 0.01 },
      { upTo: 100, percent: 1, digits: 5, resolution: 0.01 },
      { upTo: 1000, percent: 1.5, digits: 5, resolution: 0.1 },
      { upTo: 10000, percent: 3, digits: 5, resolution: 1 },
    ],
    resistance: [
      { upTo: 400, percent: 0.8, digits: 2, resolution: 0.1 },
      { upTo: 4000, percent: 0.8, digits: 2, resolution: 1 },
      { upTo: 40000, percent: 0.8, digits: 2, resolution: 10 },
      { upTo: 400000, percent: 0.8, digits: 2, resolution: 100 },
      { upTo: 4e6, percent: 0.8, digits: 2, resolution: 1000 },
      { upTo: 4e7, percent: 2, digits: 5, resolution: 10000 },
    ],
    current: [
      { upTo: 40, percent: 2, digits: 5, resolution: 0.01 },
      { upTo: 400, percent: 2, digits: 5, resolution: 0.1 },
    ],
    voltage: [
      { upTo: 40, percent: 1, digits: 3, resolution: 0.01 },
      { upTo: 400, percent: 1, digits: 3, resolution: 0.1 },
      { upTo: 1000, percent: 1.2, digits: 3, resolution: 1 },
    ],
    temperature: [{ upTo: 400, percent: 1, digits: 10, resolution: 0.1 }],
    speed: [{ upTo: 99999, percent: 0.05, digits: 1, resolution: 1 }],
    duration: [{ upTo: 600, percent: 0, digits: 3, resolution: 0.1 }],
  },
};
