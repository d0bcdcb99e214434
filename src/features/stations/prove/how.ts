import { formatPercent } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const proveHow: HowSet = {
  topics: {
    prove: ({ overloadPercent }) => ({
      title: "Proving the repair",
      scene: [
        { is: "word", at: [80, 30], word: "before", isStrong: true },
        { is: "word", at: [240, 30], word: "after", isStrong: true },
        { is: "plate", at: [6, 44], lines: ["12.8 A", "3.0 s", "hum, hot"] },
        { is: "plate", at: [166, 44], lines: ["6.2 A", "0.8 s", "quiet, warm"] },
      ],
      said: "Amps, seconds to start and noise before and after, side by side",
      steps: [
        "The same figures as before the repair, at the same places.",
        "With covers on, and after some minutes of running.",
        "Turning sense, looking at the shaft end.",
        "What the machine is there for: air, water, cold, drum.",
      ],
      good: { shows: "6.2 A of 6.4 A", means: `at most ${formatPercent(overloadPercent / 100)} of the plate, and better than before` },
      bad: { shows: "as before", means: "something else is at fault: signing off is barred" },
      doubtful: { shows: "runs, no figure", means: "it sounds good is no proof: take the amps" },
      mistake: "Signing off before it is warm.",
    }),
  },
};
