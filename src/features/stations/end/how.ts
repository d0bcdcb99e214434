import type { HowSet } from "../../station/how";

export const endHow: HowSet = {
  topics: {
    end: () => ({
      title: "Ending a job",
      scene: [
        { is: "list", at: [30, 40], lines: ["proved", "left, a day", "makeshift", "condemned"] },
        { is: "word", at: [226, 42], word: "what it is now", isStrong: true },
        { is: "word", at: [226, 66], word: "what it still asks for" },
        { is: "word", at: [226, 90], word: "who goes on, and when" },
      ],
      said: "Ways a job ends, each with what it is now, what it still asks for, and who goes on and when",
      steps: [
        "Pick the end that is true today, not the one that was meant.",
        "Give what it asks for: a day, a name, a reason.",
        "Account for every part: in, or why it is left so.",
        "Sign off, and hand the customer the report.",
      ],
      good: { shows: "proved", means: "figures on the machine, before and after" },
      bad: { shows: "no day", means: "a makeshift without one is forgotten" },
      doubtful: { shows: "no load", means: "right on the bench; its machine has the last word" },
      mistake: "Signing off as repaired what only runs again.",
    }),
  },
};
