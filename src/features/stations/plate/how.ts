import type { HowSet } from "../../station/how";

export const plateHow: HowSet = {
  topics: {
    read: () => ({
      title: "Reading plate and label",
      scene: [
        { is: "plate", at: [16, 20], lines: ["HP 1/3 RPM 1725", "V 115/230 HZ 60", "A 6.4/3.2", "CAP 35µF 440V"] },
        { is: "can", at: [224, 46], terminals: ["C", "R"] },
      ],
      said: "A motor plate with power, speed, two voltages with their amps, and the capacitor it asks for; the capacitor that is fitted beside it",
      steps: [
        "Wipe it, and take a photo before it is painted over or lost.",
        "Key each field as it is stamped: 115/230, 6.4/3.2. The amps belong to the volts at the same place.",
        "Say how it is connected, or leave it open: measured volts settle it.",
        "Key what the plate asks for as capacitor; what is fitted has a label of its own, at the Capacitor station.",
      ],
      good: { shows: "115/230 V, 6.4/3.2 A", means: "both connections, each with its own amps" },
      bad: { shows: "35 A", means: "the point or the slash was lost; a motor of this size draws nothing like it" },
      doubtful: { shows: "?.4 A", means: "a worn digit: leave the field empty rather than guess, the run test asks for it" },
      mistake: "Copying the capacitor that is fitted into the plate: a wrong part by the last visitor then looks right.",
    }),
  },
};
