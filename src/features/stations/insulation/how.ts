import { formatQuantity } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const insulationHow: HowSet = {
  topics: {
    tester: ({ insulationLeastMegohm, testerRangeMegohm, hermeticWatchMegohm }) => ({
      title: "Insulation by tester",
      scene: [
        {
          is: "meter",
          sign: "MΩ",
          shows: ">550",
          to: [
            [170, 34],
            [208, 104],
          ],
        },
        { is: "motor", at: [238, 72] },
        { is: "wire", from: [170, 34], to: [226, 44] },
        { is: "off", from: [170, 34], to: [140, 18] },
        { is: "word", at: [196, 124], word: "bare metal" },
      ],
      said: "Insulation tester between a winding and bare metal, electronics and capacitor taken off",
      steps: [
        "Circuit dead; electronics, controls and capacitors off. Never a compressor in a vacuum.",
        "Prove the tester: tips together zero, apart beyond its range.",
        "500 V, 250 V on small appliances. Each winding to the frame, and to each other winding.",
        "Hold until it stands still; key it with the winding's temperature.",
        "Discharge the winding afterwards.",
      ],
      good: {
        shows: `OL at ${formatQuantity("insulation", testerRangeMegohm)}`,
        means: "and no lower than at the last visit: the trend says more than one figure",
      },
      bad: {
        shows: formatQuantity("insulation", insulationLeastMegohm / 4),
        means: `less than ${formatQuantity("insulation", insulationLeastMegohm)}: no power until it is dried and above it`,
      },
      doubtful: {
        shows: `${formatQuantity("insulation", hermeticWatchMegohm / 2)} in a hermetic`,
        means: `below ${formatQuantity("insulation", hermeticWatchMegohm)} it is watched: moisture or oil, the maker's figure comes first`,
      },
      mistake: "Comparing a warm winding with a cold one: ten kelvin take a tenth to a third off a modern winding, half off an older one.",
    }),
  },
};
