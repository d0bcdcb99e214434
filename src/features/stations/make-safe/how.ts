import { formatQuantity } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const makeSafeHow: HowSet = {
  topics: {
    dead: ({ safeVolts, dischargeResistorOhm }) => ({
      title: "Making it safe",
      scene: [
        {
          is: "meter",
          sign: "V~",
          shows: "0.2 V",
          to: [
            [176, 60],
            [176, 92],
          ],
        },
        { is: "wire", from: [176, 60], to: [236, 60] },
        { is: "wire", from: [176, 92], to: [236, 92] },
        { is: "lock", at: [258, 40] },
        { is: "plug", at: [262, 108] },
      ],
      said: "Meter on alternating volts across the motor's two supply terminals; the switch locked off and the plug pulled",
      steps: [
        "Control off, breaker or disconnect off and locked, and the plug pulled where there is one.",
        "Prove the meter on a source that is live.",
        "Measure at the motor: each conductor to each, and each to the frame.",
        "Prove the meter on the live source once more.",
        `Discharge each capacitor through ${formatQuantity("resistance", dischargeResistorOhm)}, then measure what is left on it, in direct volts.`,
      ],
      good: {
        shows: `${formatQuantity("voltage", safeVolts)} or less`,
        means: "taken after it was switched off, with a meter proven before and after",
      },
      bad: {
        shows: `more than ${formatQuantity("voltage", safeVolts)}`,
        means: "still live or still charged: another feed, the plug, or a capacitor",
      },
      doubtful: { shows: "0.0 V", means: "from a meter that was not proven live: a dead meter shows the same" },
      mistake: "Switching off at the control alone, and forgetting the plug or a second feed.",
    }),
  },
};
