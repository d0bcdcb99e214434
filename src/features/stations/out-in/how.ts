import { formatNumber, formatPercent } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const outInHow: HowSet = {
  topics: {
    parts: () => ({
      title: "One out, one in",
      scene: [
        { is: "can", at: [70, 40], terminals: ["C", "R"] },
        { is: "word", at: [70, 134], word: "out: label, reading, fate", isStrong: true },
        { is: "can", at: [230, 40], terminals: ["C", "R"] },
        { is: "word", at: [226, 20], word: "in: label, reading", isStrong: true },
      ],
      said: "Two parts side by side: the one that came out with its reading and its fate, the one that goes in with its own",
      steps: [
        "Say what came out, what it read, and what becomes of it.",
        "Scrap a motor only with its cord cut and the reason on it.",
        "Read the label of the new part before its box is thrown away.",
        "Measure the new one before it goes in: a new part can be bad.",
        "Tick what is seen to after fitting, line by line.",
      ],
      good: { shows: "right part", means: "label as asked for, and it reads within its own limits" },
      bad: { shows: "not this one", means: "another value, too few volts, or out before it was ever fitted" },
      doubtful: { shows: "not measured yet", means: "the label is right; nobody knows yet whether the part is" },
      mistake: "Fitting a part from the truck unmeasured, and looking for the fault anew.",
    }),
    match: ({ matchMorePowerPercent, matchSpeedPercent, matchBushMm }) => ({
      title: "Which motor goes in",
      scene: [
        { is: "plate", at: [20, 30], lines: ["230 V, 60 Hz", "1/3 hp, 1075", "2.4 A"] },
        { is: "motor", at: [216, 70] },
        { is: "word", at: [160, 140], word: "plate, shaft, mount, rotation", isStrong: true },
      ],
      said: "The old plate beside a motor whose shaft and mount are measured",
      steps: [
        "Measure the shaft: diameter, length, flat; and the body.",
        "Look at the shaft end and note which way it turned.",
        "Note how it is held, and whether its own air or the machine's cools it.",
        "Type the plate of each motor that may go in, or take one from the Shelf.",
        "Ask for what is not known before you drive.",
      ],
      good: {
        shows: `+${formatPercent(matchMorePowerPercent / 100)} hp`,
        means: "the same power, or up to so much more, within the circuit",
      },
      bad: { shows: "less power", means: "one line that does not fit refuses the motor, whatever else does" },
      doubtful: {
        shows: `${formatNumber(matchBushMm, 1)} mm bush`,
        means: `a thinner shaft is bushed so far, a speed within ${formatPercent(matchSpeedPercent / 100)} is taken; each costs minutes`,
      },
      mistake: "Looking at horsepower and volts alone: shaft too short, and it turns the wrong way.",
    }),
    quotes: ({ hourlyRate }) => ({
      title: "Prices on this job",
      scene: [
        { is: "list", at: [30, 44], lines: ["11 in three days", "60 now, a colleague"] },
        { is: "word", at: [216, 96], word: "from 16 a day", isStrong: true },
        { is: "word", at: [216, 120], word: "the quick one is cheaper" },
      ],
      said: "Two prices, one now and one in three days, and the price of a day from which the quicker one is cheaper",
      steps: [
        "Key each price as it was said: each, or for the pair.",
        "Add postage, and the minutes there and back.",
        "Say in how many days it is here.",
        "Say what the machine costs an hour while it stands.",
      ],
      good: { shows: "now", means: "the part is here, and the machine runs today" },
      bad: { shows: "3 days", means: "cheap, and the machine stands: that is counted too" },
      doubtful: { shows: `${formatNumber(hourlyRate, 0)} an hour`, means: "the way there and back counts at the house's hour" },
      mistake: "Driving an hour for a part that the post brings for six.",
    }),
  },
};
