import { formatPercent } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const decideHow: HowSet = {
  topics: {
    weigh: () => ({
      title: "Deciding",
      scene: [
        { is: "list", at: [30, 44], lines: ["this part", "both parts", "another motor"] },
        { is: "word", at: [226, 42], word: "money now", isStrong: true },
        { is: "word", at: [226, 66], word: "chance that it cures" },
        { is: "word", at: [226, 90], word: "what a second visit costs" },
      ],
      said: "Three ways on, each with money now, the chance that it cures, and what a second visit costs",
      steps: [
        "Look at the Line-up: does one suspect stand clear of the others?",
        "Key prices you know; the house's stand otherwise.",
        "Read what it hinges on: one figure may turn it round.",
        "Say what is done when the part is not here today.",
      ],
      good: { shows: formatPercent(0.9), means: "one way that cures, and is the cheapest over the years too" },
      bad: { shows: "< 10 %", means: "cheap, and cures nothing: it stands last" },
      doubtful: { shows: "near even", means: "one more test costs less than the wrong part" },
      mistake: "A new capacitor as a try, with a bearing that grinds.",
    }),
  },
};
