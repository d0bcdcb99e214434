import type { ForeignSort, NotOurs } from "@/core/motor";

const SORT_WORDS: Record<ForeignSort, string> = {
  "three-phase": "a three-phase motor",
  electronic: "an electronically commutated motor",
  brushes: "a motor with brushes",
  direct: "a motor for direct volts, with electronics or with brushes",
};

const BY_WORDS: Record<NotOurs["by"], string> = {
  said: "by what was said",
  picked: "as picked at the plate",
  seen: "by what was seen",
  volts: "by the volts of its plate",
  phases: "by the phases of its plate",
  power: "by power, volts and amps of its plate",
  speed: "by the speed of its plate",
  "plate-words": "by the words of its plate",
  ohms: "by three equal ohms",
};

/** What of this program holds for a motor of any sort. */
export const STILL_SERVES =
  "What still serves: making safe, the hand, bearings, leads to the frame and insulation, the ledger of taking apart, labels and the shelf; a capacitor is measured on the Bench.";

/** What it is, and that nothing is accused; one sentence. */
export const notOursSentence = ({ sort, by }: NotOurs): string =>
  `This is ${SORT_WORDS[sort]}, ${BY_WORDS[by]}: the limits, the line-up and the next move here are for induction motors on one phase, and accuse nothing on it.`;

/** Where a charge outlasts the switch. */
export const ELECTRONICS_CAUTION =
  "Its electronics keep a charge for minutes: wait as long as the plate says, and measure before hands go in.";
