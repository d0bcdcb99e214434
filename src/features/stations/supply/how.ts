import { formatPercent } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const supplyHow: HowSet = {
  topics: {
    volts: ({ supplyPercent, supplyDropPercent }) => ({
      title: "Volts at the motor",
      scene: [
        {
          is: "meter",
          sign: "V~",
          shows: "118",
          to: [
            [176, 44],
            [176, 88],
          ],
        },
        { is: "wire", from: [150, 44], to: [214, 52] },
        { is: "wire", from: [150, 88], to: [214, 80] },
        { is: "motor", at: [246, 66] },
        { is: "word", at: [160, 120], word: "at the motor" },
      ],
      said: "Meter on alternating volts at the motor's own terminals",
      steps: [
        "Live work: guards, one hand, insulated probes.",
        "Is it called for? Thermostat, switch, door. An interlock is noted, never bridged.",
        "Volts at the motor's own terminals, before it is switched on.",
        "The lowest figure while it tries to start.",
        "None at the motor: volts at the disconnect.",
      ],
      good: {
        shows: "118 V on 115 V",
        means: `within ${formatPercent(supplyPercent / 100)} of the plate, and falls by less than ${formatPercent(supplyDropPercent / 100)} while it starts`,
      },
      bad: { shows: "0 V", means: "nothing arrives: control, wiring or breaker, not the motor" },
      doubtful: { shows: "118 V, standing", means: "a bad joint shows only under load: measure while it tries" },
      mistake: "Testing a motor for an hour that gets no volts.",
    }),
  },
};
