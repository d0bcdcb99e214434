import type { Gone } from "@/core/capacitor";

/** A capacitor that is not there to be measured. */
export const GONE_WORDS: Record<Gone, string> = {
  "none-fitted": "None fitted",
  removed: "Taken out",
  bridged: "Bridged",
};

const SAID: Record<Gone, string> = { "none-fitted": "none is fitted", removed: "it was taken out", bridged: "it was bridged" };

/** What was said of it, as it is noted. */
export const goneSentence = (gone: Gone): string =>
  `Noted of the capacitor: ${SAID[gone]}. It is a finding of its own, and nothing is left to measure.`;
