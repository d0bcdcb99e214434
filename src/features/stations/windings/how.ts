import { formatQuantity } from "@/core/quantity";
import type { HowSet } from "../../station/how";
import type { Piece } from "../../station/how";

const BOARD: readonly Piece[] = [
  { is: "post", at: [170, 40], name: "1" },
  { is: "post", at: [230, 104], name: "2" },
  { is: "post", at: [290, 40], name: "3" },
  { is: "coil", from: [180, 40], to: [280, 40] },
  { is: "wire", from: [178, 48], to: [222, 96] },
];

export const windingsHow: HowSet = {
  topics: {
    sketch: ({ lowOhmCaution, leadResistanceOhm }) => ({
      title: "Ohms between leads",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "12.4",
          to: [
            [164, 32],
            [224, 98],
          ],
        },
        ...BOARD,
      ],
      said: "Ohmmeter between two of three numbered posts of a motor's board",
      steps: [
        "Circuit dead, rotor at rest, capacitor and supply off the leads.",
        `Hold the probes together first: below ${formatQuantity("resistance", lowOhmCaution)} what they read is taken off (else ${formatQuantity("resistance", leadResistanceOhm)}).`,
        "Number the posts as they sit; a letter counts only where the maker marked it.",
        "Tap the two posts that are drawn dashed, probe them, key what the meter shows, OL too.",
        "Stop when the sketch says that it is settled.",
      ],
      good: { shows: "2.0, 4.5, 6.5 Ω", means: "the largest is the sum of the two others: start, run and common are named" },
      bad: { shows: "OL, OL, 4.5 Ω", means: "two pairs open: one winding is, or its protector; wait until it is cool" },
      doubtful: { shows: "0.4, 0.5, 0.8 Ω", means: "in steps of 0.1 Ω which is which is a chance, not a finding" },
      mistake: "Measuring with a capacitor or a heater still on the leads, or while the wheel turns in the wind.",
    }),
    pairs: ({ lowOhmCaution }) => ({
      title: "All pairs in a table",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "6.5",
          to: [
            [164, 32],
            [284, 34],
          ],
        },
        ...BOARD,
        { is: "word", at: [230, 138], word: "1–2, 1–3, 2–3" },
      ],
      said: "Ohmmeter moved from pair to pair of a board",
      steps: [
        "As for the sketch: dead, at rest, test leads nulled.",
        "Keep one probe on a post and walk the other along.",
        "Enter goes on to the next pair.",
        `Below ${formatQuantity("resistance", lowOhmCaution)} press hard and turn the tips: a poor touch adds more than the winding has.`,
      ],
      good: { shows: "2.0, 4.5, 6.5 Ω", means: "each agrees with the others: the residuals are small" },
      bad: { shows: "65 Ω for 6.5 Ω", means: "one reading does not belong: it is named, probe it again" },
      doubtful: { shows: "12 Ω, then 9 Ω", means: "a touch that changes: clean the post first" },
      mistake: "Probing a wire end in a connector from its insulated side.",
    }),
    compare: () => ({
      title: "Temperature, and what it was before",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "8.9",
          to: [
            [196, 58],
            [196, 84],
          ],
        },
        { is: "motor", at: [226, 66] },
        { is: "word", at: [290, 50], word: "shell" },
        { is: "word", at: [290, 66], word: "°C" },
      ],
      said: "Ohmmeter on a winding, the temperature of the shell beside it",
      steps: [
        "Key the temperature of the winding: the room's, if it stood for hours.",
        "Key the ohms of an earlier visit, the maker or a sister motor with theirs.",
        "After a run: ohms within a minute of stopping, for the winding's own temperature.",
      ],
      good: { shows: "within a few %", means: "the same copper, at one temperature" },
      bad: { shows: "10 % less", means: "shorted turns are likely: amps and heat should say so too" },
      doubtful: { shows: "no temperature", means: "ten kelvin are four percent: without it small differences tell nothing" },
      mistake: "Comparing a hot motor with a cold figure.",
    }),
    connection: () => ({
      title: "Connection, and turning it round",
      scene: [
        { is: "word", at: [20, 30], word: "L" },
        { is: "wire", from: [30, 26], to: [110, 26] },
        { is: "coil", from: [110, 26], to: [220, 26] },
        { is: "wire", from: [220, 26], to: [300, 26] },
        { is: "word", at: [310, 30], word: "N" },
        { is: "word", at: [165, 50], word: "run" },
        { is: "wire", from: [60, 26], to: [60, 100] },
        { is: "contacts", from: [60, 100], to: [110, 100] },
        { is: "coil", from: [110, 100], to: [220, 100] },
        { is: "wire", from: [220, 100], to: [270, 100] },
        { is: "wire", from: [270, 100], to: [270, 26] },
        { is: "word", at: [165, 124], word: "start: change its two ends over" },
      ],
      said: "Run winding across the line, start winding beside it; its two ends are changed over to reverse",
      steps: [
        "Mark each wire before it comes off, and take a photo.",
        "Name the turning sense looking at the shaft end, before anything is moved.",
        "To reverse: change the two ends of the start winding over, and nothing else.",
        "Prove the sense before the machine is closed.",
      ],
      good: { shows: "as asked for", means: "seen at the shaft end, with power on" },
      bad: { shows: "the other way", means: "start winding's ends are exchanged" },
      doubtful: { shows: "one end inside", means: "where an end of the start winding is not brought out it cannot be turned by leads" },
      mistake: "Changing the line over: that reverses nothing.",
    }),
  },
};
