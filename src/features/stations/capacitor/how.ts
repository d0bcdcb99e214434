import { formatQuantity } from "@/core/quantity";
import type { HowSet } from "../../station/how";

/** The part all examples are of: its limits are its own label's. */
const PART = "35 µF ±6 %";

export const capacitorHow: HowSet = {
  topics: {
    meter: ({ runLowPercent, runHighPercent }) => ({
      title: "Capacitor by meter",
      scene: [
        {
          is: "meter",
          sign: "µF",
          shows: "34.8",
          to: [
            [205, 34],
            [226, 34],
          ],
        },
        { is: "can", at: [184, 45], terminals: ["C", "R"] },
        { is: "off", from: [205, 34], to: [176, 18] },
        { is: "word", at: [284, 84], word: "discharged" },
      ],
      said: "Meter on µF across the two terminals of a discharged capacitor, one wire taken off",
      steps: [
        "Circuit dead, capacitor discharged and measured.",
        "Photo, then take one wire off; both where other paths exist.",
        "Probes on the two terminals, fingers off the tips.",
        "Wait until the figure stands still: a large part takes several seconds.",
        "A dual can: C to H, then C to F, each judged on its own.",
      ],
      good: { shows: "34.8 µF", means: `inside the limits of its label (${PART}) by more than the meter can be wrong` },
      bad: { shows: "31.0 µF", means: "outside, low or high: it goes" },
      doubtful: { shows: "32.9 µF", means: "as near to a limit as the meter can see: the house decides, or a better meter" },
      mistake: `Measuring with the winding still across it. No tolerance on the label: ${runLowPercent} to +${runHighPercent} % is the house's.`,
    }),
    running: () => ({
      title: "Capacitor while running",
      scene: [
        {
          is: "meter",
          sign: "V~",
          shows: "382",
          to: [
            [205, 34],
            [226, 34],
          ],
        },
        { is: "can", at: [184, 45], terminals: ["C", "R"] },
        { is: "wire", from: [226, 34], to: [296, 34] },
        { is: "clamp", at: [276, 34], sign: "A~" },
      ],
      said: "Meter on alternating volts across the capacitor's terminals, and a clamp round the one wire that goes to the start winding, the motor running",
      steps: [
        "Live work: guards on, insulated short-tip probes, one hand.",
        "Clamp round the capacitor's one wire to the start winding, start gear out of it.",
        "Let it run up and settle, then read amps.",
        "Volts across the capacitor itself, in the same minute.",
        "The µF are worked out from both, and each lends its uncertainty.",
      ],
      good: { shows: "5.04 A, 382 V", means: `about 35 µF at 60 Hz: agrees with ${PART} and with the cold reading` },
      bad: { shows: "3.60 A, 382 V", means: "about 25 µF: it fails under its volts, whatever it read cold" },
      doubtful: { shows: "4.70 A, 382 V", means: "about 32.6 µF, and clamp and meter together see no finer than some percent" },
      mistake: "Clamping the line, or a wire the start capacitor shares.",
    }),
    swing: ({ swingRangeOhm }) => ({
      title: "Capacitor by ohmmeter swing",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "climbs",
          to: [
            [205, 34],
            [226, 34],
          ],
        },
        { is: "can", at: [184, 45], terminals: ["C", "R"] },
        { is: "off", from: [205, 34], to: [176, 18] },
        { is: "word", at: [286, 60], word: "dips," },
        { is: "word", at: [286, 76], word: "then climbs" },
      ],
      said: "Ohmmeter across the discharged capacitor: the reading dips toward zero and climbs",
      steps: [
        "Circuit dead, capacitor discharged, one wire off.",
        `Ohms, on the range that ends near ${formatQuantity("resistance", swingRangeOhm)}.`,
        "Touch both terminals and watch; then change the probes over and watch again.",
        "Discharge it afterwards.",
      ],
      good: { shows: "dips, climbs to OL", means: "it takes a charge; how many µF it cannot tell" },
      bad: { shows: "stays near zero", means: "shorted; one that never dips is open" },
      doubtful: { shows: "climbs, then stops", means: "a bleed resistor, or leakage: a capacitance meter tells" },
      mistake: "Calling a part good because it swings: a weak one swings as well.",
    }),
    discharge: ({ dischargeResistorOhm, safeVolts, shortUpToUf }) => ({
      title: "Discharging",
      scene: [
        { is: "can", at: [60, 50], terminals: ["C", "R"] },
        { is: "wire", from: [81, 39], to: [81, 18] },
        { is: "wire", from: [102, 39], to: [102, 30] },
        { is: "wire", from: [102, 30], to: [176, 30] },
        { is: "wire", from: [81, 18], to: [236, 18] },
        { is: "wire", from: [236, 18], to: [236, 30] },
        { is: "resistor", from: [176, 30], to: [236, 30] },
        { is: "word", at: [206, 58], word: formatQuantity("resistance", dischargeResistorOhm) },
        { is: "word", at: [206, 76], word: "then measure V DC" },
      ],
      said: "A resistor across the two terminals of a capacitor, then the volts that are left are measured",
      steps: [
        "Circuit dead. Hold the insulated resistor across the terminals for the time shown.",
        "A dual can: from C to each of the others.",
        "Measure what is left, in direct volts, and key it.",
        shortUpToUf > 0
          ? `Shorting with a blade is a house's choice up to ${shortUpToUf} µF, never on start parts or above.`
          : "This house never shorts one with a blade.",
      ],
      good: { shows: `${formatQuantity("voltage", safeVolts)} or less`, means: "hands may go in" },
      bad: { shows: `more than ${formatQuantity("voltage", safeVolts)}`, means: "hold the resistor on longer, and measure again" },
      doubtful: { shows: "rises again", means: "some charge creeps back out of a large part: once more" },
      mistake: "Trusting the bleed resistor of a start part: it is often open.",
    }),
    "start-parts": ({ startsAnHour, startSeconds }) => ({
      title: "Starts and kits",
      scene: [
        { is: "can", at: [46, 50], terminals: ["", ""] },
        { is: "word", at: [77, 100], word: "start" },
        { is: "contacts", from: [98, 39], to: [170, 39] },
        { is: "wire", from: [67, 39], to: [67, 22] },
        { is: "wire", from: [67, 22], to: [200, 22] },
        { is: "can", at: [170, 50], terminals: ["", ""] },
        { is: "word", at: [201, 100], word: "run" },
        { is: "wire", from: [200, 22], to: [212, 39] },
        { is: "wire", from: [170, 39], to: [191, 39] },
      ],
      said: "A start capacitor with its contacts, in parallel with the run capacitor",
      steps: [
        "Count the starts of an ordinary hour.",
        `A start part bears about ${startsAnHour} starts of ${formatQuantity("duration", startSeconds)} an hour.`,
        "A kit goes in parallel with the run capacitor; know whether it is a PTC or a relay.",
        "Ask why it needs one: tight, low volts, or started against pressure.",
      ],
      good: { shows: `${startsAnHour} starts`, means: "what the part is made for" },
      bad: { shows: `${2 * startsAnHour} starts`, means: "it cooks: the control short-cycles, or the part is too small" },
      doubtful: { shows: "starts with a kit", means: "it may be a crutch: find what makes the start hard" },
      mistake: "Leaving a kit on a machine whose compressor is tight, and calling it repaired.",
    }),
  },
};
