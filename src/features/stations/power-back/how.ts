import type { HowSet } from "../../station/how";

export const powerBackHow: HowSet = {
  topics: {
    back: () => ({
      title: "Putting power back on",
      scene: [
        { is: "motor", at: [70, 66] },
        { is: "list", at: [150, 38], lines: ["covers on", "tools out", "everyone clear", "lock off by its owner"] },
      ],
      said: "A motor, and what comes before power: covers on, tools out, everyone clear, lock taken off by its owner",
      steps: [
        "Frame test, look and hand done where it tripped its breaker.",
        "Everything back, covers on, tools out, hands and sleeves clear.",
        "Say it aloud; the lock comes off by whoever put it on.",
        "Stand aside of the switch, and keep a hand on it.",
      ],
      good: { shows: "runs up", means: "go on to the run test" },
      bad: { shows: "hums", means: "off after 2 to 3 seconds: windings burn" },
      doubtful: { shows: "trips", means: "that is the run test's answer: not a second try" },
      mistake: "A second try at a breaker that tripped.",
    }),
  },
};
