import { formatQuantity } from "@/core/quantity";
import type { HowSet } from "../../station/how";

export const frameHow: HowSet = {
  topics: {
    leads: ({ frameLimitMegohm }) => ({
      title: "Each lead to the frame",
      scene: [
        {
          is: "meter",
          sign: "Ω",
          shows: "OL",
          to: [
            [170, 34],
            [208, 104],
          ],
        },
        { is: "motor", at: [238, 72] },
        { is: "wire", from: [170, 34], to: [226, 44] },
        { is: "word", at: [170, 22], word: "lead" },
        { is: "word", at: [196, 124], word: "bare metal" },
      ],
      said: "Ohmmeter from one lead to scratched bare metal of the motor's frame",
      steps: [
        "Circuit dead, leads off the supply. Highest ohms range.",
        "Scratch through paint: touch the two tips on the spot, it must read near zero.",
        "Each lead to that spot, fingers off the tips.",
        "Key what it shows for each, OL too.",
      ],
      good: { shows: "OL", means: "nothing an ohmmeter can see; the insulation tester sees more" },
      bad: {
        shows: formatQuantity("resistance", (frameLimitMegohm * 1e6) / 10),
        means: `below ${formatQuantity("insulation", frameLimitMegohm)}: a ground fault, and why the breaker trips`,
      },
      doubtful: { shows: "no beep", means: "a beeper ends near 30 Ω: silence proves no insulation" },
      mistake: "Touching paint, or holding both tips: skin reads some 100 kΩ and more.",
    }),
  },
};
