import { formatPercent, formatQuantity } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const runTestHow: HowSet = {
  topics: {
    run: ({ overloadPercent, underloadPercent, slowStartS }) => ({
      title: "The run test",
      scene: [
        { is: "motor", at: [230, 66] },
        { is: "wire", from: [40, 44], to: [200, 52] },
        { is: "wire", from: [40, 88], to: [200, 80] },
        { is: "clamp", at: [110, 48], sign: "A~" },
        { is: "word", at: [56, 34], word: "one wire" },
        { is: "word", at: [280, 24], word: "covers on" },
      ],
      said: "A clamp round one of the two line wires of a running motor, covers on",
      steps: [
        "Live work. Covers, ducts and doors as in service: without them the load is another.",
        "Clamp round one wire alone.",
        "Start it, and count the seconds until the amps fall. It hums: off after 2 to 3 seconds.",
        "Once it is steady: amps, volts, speed, what is heard.",
        "Warmth at the shell and at both ends, after some minutes.",
      ],
      good: {
        shows: "6.2 A of 6.4 A",
        means: `between ${formatPercent(underloadPercent / 100)} and ${formatPercent(overloadPercent / 100)} of the plate, up within ${formatQuantity("duration", slowStartS)}`,
      },
      bad: { shows: "12.8 A of 6.4 A", means: "twice its plate, however well it sounds" },
      doubtful: { shows: "3.0 A of 6.4 A", means: "no load: belt, wheel, or a blocked flow; not a pass" },
      mistake: "Clamping the whole cord: the two wires cancel and it shows nothing.",
    }),
    "what-if": () => ({
      title: "What-if",
      scene: [
        { is: "wire", from: [40, 120], to: [290, 120] },
        { is: "wire", from: [40, 120], to: [40, 20] },
        { is: "wire", from: [40, 90], to: [150, 50] },
        { is: "wire", from: [150, 50], to: [240, 40] },
        { is: "wire", from: [240, 40], to: [270, 118] },
        { is: "word", at: [165, 140], word: "speed" },
        { is: "word", at: [72, 28], word: "torque" },
      ],
      said: "Torque over speed of a motor",
      steps: [
        "Plate and capacitor first: the curves are this motor's.",
        "Pick another capacitor, other volts, or a fault.",
        "Read what the customer would notice, and the amps.",
      ],
      good: { shows: "a band", means: "what is known only so well is drawn so wide" },
      bad: { shows: "below the load", means: "where the curve is under the load it does not start" },
      doubtful: { shows: "wide band", means: "one more figure of the plate narrows it: it says which" },
      mistake: "Reading a curve as a measurement.",
    }),
  },
};
