import type { HowSet } from "../../station/how";

export const bearingHow: HowSet = {
  topics: {
    name: ({ calliperMm }) => ({
      title: "Naming a bearing",
      scene: [
        { is: "bearing", at: [70, 74] },
        { is: "plate", at: [140, 34], lines: ["6203-2RS C3", "17 × 40 × 12 mm"] },
        { is: "word", at: [214, 112], word: "bore × outside × width" },
      ],
      said: "A ball bearing with the number on its seal and its three sizes: bore, outside and width",
      steps: [
        "Read the number on the seal or the rim; `?` for a sign that is worn.",
        "No number: bore, outside and width with a calliper, in millimetres.",
        "Both where you can: one catches a slip of the other.",
        "Say what seals it has, and whether C3 is on it.",
      ],
      good: { shows: "6203-2RS C3", means: "and the calliper says 17 × 40 × 12" },
      bad: { shows: "1.7 × 4 × 1.2", means: "centimetres: the product offers the millimetres" },
      doubtful: { shows: "17 × 40 × 12.5", means: `a worn rim is only good for ± ${calliperMm} mm: the candidates are listed` },
      mistake: "Ordering by the bore alone: three series share it.",
    }),
    fit: ({ micrometerUm }) => ({
      title: "Shaft and seat",
      scene: [
        { is: "bearing", at: [70, 74] },
        { is: "gap", at: [180, 60], word: "shaft, µm" },
        { is: "gap", at: [264, 60], word: "housing, µm" },
      ],
      said: "A bearing, and the two places that are measured: its seat on the shaft and in the housing",
      steps: [
        "Circuit dead, motor open, old bearing off by its inner ring.",
        "Clean both seats with fine abrasive; measure each in two directions.",
        "Key both; the house's micrometer counts as ± " + String(micrometerUm) + " µm.",
        "Press on the inner ring for the shaft, the outer for the housing, never through the balls.",
      ],
      good: { shows: "a light push", means: "the shaft's seat holds the inner ring, the housing lets the outer slide" },
      bad: { shows: "drops on", means: "the ring turned on the shaft: sleeve, build up, or retaining compound" },
      doubtful: { shows: "punch marks", means: "somebody raised the metal: a stopgap that lets go" },
      mistake: "A hammer on the shaft or on the outer ring.",
    }),
    job: () => ({
      title: "The whole job against another motor",
      scene: [
        { is: "bearing", at: [62, 74] },
        { is: "word", at: [134, 78], word: "or", isStrong: true },
        { is: "motor", at: [196, 66] },
        { is: "list", at: [256, 50], lines: ["money", "minutes", "risk"] },
      ],
      said: "Two bearings or another motor, weighed by money, minutes and risk",
      steps: [
        "Name both bearings; one or both is your choice, both when it is open anyway.",
        "Say how hard it comes apart, and what cannot be undone.",
        "Key the price of a motor if you have one; the house's stands otherwise.",
      ],
      good: { shows: "custom motor", means: "no spare to be had: bearings are standard" },
      bad: { shows: "burnt winding", means: "bearings do not save it" },
      doubtful: { shows: "old machine", means: "what is left of its life counts: see Decide" },
      mistake: "Replacing only the one that screams: the other ran as long.",
    }),
    upkeep: ({ oilContinuousMonths, inspectContinuousMonths }) => ({
      title: "Oil and dates",
      scene: [
        { is: "motor", at: [70, 66] },
        { is: "word", at: [70, 20], word: "a few drops" },
        { is: "list", at: [160, 48], lines: ["oil the plate names", "duty", "date of the next"] },
      ],
      said: "A few drops of oil into a motor's oil hole; oil by the plate, duty, and the next date",
      steps: [
        "Sleeve: a few drops of the oil the plate names, holes upward.",
        "Say how long it runs: all day, now and then, seldom.",
        `All day: oil every ${oilContinuousMonths} months, listen to ball bearings every ${inspectContinuousMonths}.`,
      ],
      good: { shows: "dated", means: "the next visit stands on the Rack" },
      bad: { shows: "flooded", means: "oil in the winding rots it: drops, not a squirt" },
      doubtful: { shows: "sealed ball", means: "nothing to oil; it is listened to" },
      mistake: "Penetrating oil as a lubricant: it washes out what was there.",
    }),
    tones: () => ({
      title: "Tones of a bearing",
      scene: [
        { is: "bearing", at: [66, 74] },
        { is: "wire", from: [150, 110], to: [300, 110] },
        { is: "wire", from: [180, 110], to: [180, 50] },
        { is: "wire", from: [216, 110], to: [216, 76] },
        { is: "wire", from: [252, 110], to: [252, 90] },
        { is: "word", at: [225, 132], word: "Hz" },
      ],
      said: "A bearing, and a spectrum with three lines where a defect would ring",
      steps: [
        "Name the bearing, and key the speed it runs at.",
        "Listen at the bearing's own place, not in the air.",
        "Compare what is heard with the tones listed.",
      ],
      good: { shows: "no line there", means: "what rings is something else" },
      bad: { shows: "line and multiples", means: "at the outer ring's tone and its multiples: that ring" },
      doubtful: { shows: "one line near it", means: "fan blades and twice the mains ring too" },
      mistake: "Taking twice the mains, 100 or 120 Hz, for a bearing.",
    }),
  },
};
