import type { HowSet } from "../../station/how";

export const complaintHow: HowSet = {
  topics: {
    ask: () => ({
      title: "Asking what it does",
      scene: [
        { is: "motor", at: [62, 66] },
        { is: "list", at: [140, 38], lines: ["what it does", "since when", "after what", "who was at it last"] },
      ],
      said: "A motor beside four questions: what it does, since when, after what, who was at it last",
      steps: [
        "Ask what the machine does, not what is broken. Key the answer in the person's own words.",
        "Ask since when: at once, or growing; always, or only cold or hot.",
        "Ask what came before: storm, repair, standstill, water, a move.",
        "Strike a chip that was heard wrongly; what stays underlined was not understood.",
      ],
      good: { shows: "hums, will not start, since the storm", means: "something that was seen or heard, with its beginning" },
      bad: { shows: "it is broken", means: "nothing to weigh; ask what it does when it is switched on" },
      doubtful: { shows: "the capacitor is gone again", means: "a guess, not a sign: ask what makes them think so" },
      mistake: "Taking the customer's diagnosis, or the last visitor's, for what the machine does.",
    }),
  },
};
