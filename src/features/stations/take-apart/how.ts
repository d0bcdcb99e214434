import type { HowSet } from "../../station/how";

export const takeApartHow: HowSet = {
  topics: {
    off: () => ({
      title: "Taking it apart",
      scene: [
        { is: "motor", at: [66, 66] },
        { is: "list", at: [140, 30], lines: ["mark each wire", "photo", "part, count, place", "washers in order", "key and set screw"] },
      ],
      said: "A motor, and what is written down as it comes apart: wires marked, photo, part, count and place, washers in order, key and set screw",
      steps: [
        "Circuit dead, capacitor discharged. Mark each wire before it comes off.",
        "A line across both end bells and the shell, so that they go back as they were.",
        "List each part as it comes off: what, how many, where, which way round.",
        "Washers and rings on a wire, in their order.",
        "Some hubs have left-hand threads: look before you force it.",
      ],
      good: { shows: "7 of 7 listed", means: "the way back is the same list from its end" },
      bad: { shows: "2 wires, one name", means: "nothing tells them apart: mark them anew" },
      doubtful: { shows: "a part in the tray", means: "nobody listed it: find its place before anything goes on" },
      mistake: "Pulling the wires first and remembering the colours.",
    }),
    back: () => ({
      title: "Putting it back",
      scene: [
        { is: "motor", at: [66, 66] },
        { is: "turn", at: [66, 66], word: "free, silent" },
        {
          is: "list",
          at: [150, 38],
          lines: ["last off, first on", "crosswise, a bit at a time", "even gap all round", "nothing left over"],
        },
      ],
      said: "A motor turned by hand; last off first on, crosswise a bit at a time, even gap all round, nothing left over",
      steps: [
        "From the end of the list: last off, first on.",
        "End bells crosswise, a fraction of a turn at a time, turning the shaft between.",
        "Look for an even gap all round.",
        "Key in, set screw on the flat, wheel centred.",
        "Turn it: free and silent, or it comes apart again.",
      ],
      good: { shows: "0 left over", means: "every part and wire is back, and it turns free" },
      bad: { shows: "tight now", means: "an end bell stands askew: loosen, tap, tighten crosswise" },
      doubtful: { shows: "1 washer left", means: "end play tells where it belongs: do not close over it" },
      mistake: "Tightening one screw home before the others.",
    }),
  },
};
