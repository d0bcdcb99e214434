import type { HowSet } from "../../station/how";

export const uncoupledRunHow: HowSet = {
  topics: {
    uncoupled: () => ({
      title: "Running without its load",
      scene: [
        { is: "motor", at: [90, 66] },
        { is: "gap", at: [160, 66], word: "belt off" },
        { is: "motor", at: [232, 66] },
        { is: "word", at: [232, 130], word: "load" },
      ],
      said: "A motor with the belt to its load taken off",
      steps: [
        "While it is dead: belt, wheel or coupling off; key out or taped.",
        "Mark what came off, and its place.",
        "Power back, everyone clear, a short try.",
        "Runs or not, and with how many amps.",
      ],
      good: { shows: "runs", means: "the motor starts by itself: the load is in question" },
      bad: { shows: "does not start", means: "the load is not to blame" },
      doubtful: { shows: "runs, hot in a minute", means: "it may still be the motor: amps tell" },
      mistake: "Leaving the key in the shaft: it flies.",
    }),
    push: () => ({
      title: "One push",
      scene: [
        { is: "motor", at: [110, 66] },
        { is: "turn", at: [110, 66], word: "a dry stick, once" },
        { is: "word", at: [252, 60], word: "hand on the switch" },
      ],
      said: "An open wheel pushed once with a dry stick, a hand on the switch",
      steps: [
        "Only an open wheel; never a compressor, a belt drive or a pump.",
        "A dry wooden stick, everyone clear, hand on the switch.",
        "One push; off after 2 to 3 seconds if it does not run.",
        "Then the other way round, after it has cooled.",
      ],
      good: { shows: "runs either way", means: "no help from the start winding: capacitor, switch or start winding" },
      bad: { shows: "does not run", means: "run winding, bearings or load" },
      doubtful: { shows: "runs one way only", means: "the start winding does something: weak, not open" },
      mistake: "A hand instead of a stick.",
    }),
  },
};
