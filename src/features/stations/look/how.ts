import type { HowSet } from "../../station/how";

export const lookHow: HowSet = {
  topics: {
    look: () => ({
      title: "Looking and smelling",
      scene: [
        { is: "motor", at: [70, 66] },
        { is: "can", at: [132, 44], terminals: ["C", "R"] },
        { is: "list", at: [212, 38], lines: ["top of the can", "burnt varnish", "cover seated", "dust, oil"] },
      ],
      said: "A motor with its capacitor, and what is looked at: top of the can, burnt varnish, whether the cover is seated, dust and oil",
      steps: [
        "Circuit dead. Covers off, light in.",
        "Capacitor: top, seams, terminals. Then leads and connectors, pulled gently.",
        "End cover and end bell: seated all round, no crack, no missing screw.",
        "Smell at the openings; look for oil, wax, water, dark rust dust at a bearing.",
        "Tick what is there; say that you looked where nothing is.",
      ],
      good: { shows: "nothing seen", means: "looked everywhere, and said so: that counts as evidence too" },
      bad: { shows: "bulged top, vented", means: "that part is condemned without a meter" },
      doubtful: { shows: "dust, old stains", means: "tells of its life, not of its fault: go on to hand and meter" },
      mistake: "Taking a cover that sits loose for nothing: the start switch is not pressed, and a good motor looks dead.",
    }),
  },
};
