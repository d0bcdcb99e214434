import type { EndId, EndNeed, MendProof, Purpose } from "@/core/job";

/** What a visit is for. */
export const PURPOSE_WORDS: Record<Purpose, string> = {
  fault: "Something is wrong",
  "yearly-check": "Yearly check",
  spare: "Spare on the bench",
};

/** How a card ends, as its stamp and lists say it. */
export const END_WORDS: Record<EndId, string> = {
  repaired: "Repaired and proved",
  "proved-without-load": "Proved without load",
  "tested-spare": "Tested spare",
  condemned: "Condemned",
  "left-as-is": "Left as it is",
  makeshift: "Makeshift",
  "waits-for-part": "Waits for a part",
  referred: "Referred",
  "nothing-found": "Nothing found",
};

/** The same on a stamp, where there is room for a word. */
export const END_STAMPS: Record<EndId, string> = {
  repaired: "Repaired",
  "proved-without-load": "No load",
  "tested-spare": "Spare",
  condemned: "Condemned",
  "left-as-is": "Left",
  makeshift: "Makeshift",
  "waits-for-part": "Waits",
  referred: "Referred",
  "nothing-found": "Nothing",
};

/** What each end says of the motor, in one sentence. */
export const END_SENTENCES: Record<EndId, string> = {
  repaired: "What was decided was done, and the proof on the machine bears it out.",
  "proved-without-load": "It runs right without its load. The machine's own proof is due on the day it is fitted.",
  "tested-spare": "Tested on the bench without load, and kept as a spare.",
  condemned: "Made unusable and labelled. Nothing is proved, and no other motor goes in on this card.",
  "left-as-is": "Nothing was changed. It is looked at again on the day named here.",
  makeshift: "It runs by a makeshift, until what ends it is done.",
  "waits-for-part": "The part is on its way. The card stays due on the day it is expected.",
  referred: "Handed over with the readings of this card.",
  "nothing-found": "Nothing was found that asks for work, under what was tested.",
};

/** What is still asked for before the card ends so. */
export const NEED_WORDS: Record<EndNeed, string> = {
  tested: "one test at least: nothing was looked at yet",
  parts: "at Out and in: what is named to go in is in, and the old one has its fate; or say here why it is left so",
  closed: "at Take apart: what came off is all back, and the ledger closed",
  proof: "at Prove: the figures on the machine, before and after",
  "idle-proof": "at Prove: it starts by itself, and its amps without load",
  unusable: "it was made unusable: cord or leads cut, and labelled",
  what: "what the makeshift is",
  until: "what ends the makeshift",
  "to-whom": "to whom it was handed over",
  why: "why it is left as it is",
  "in-use": "whether the machine is in use or off meanwhile",
  day: "a day on which it is looked at again, or the part is expected",
};

export const MEND_PROOF_WORDS: Record<MendProof, string> = {
  "starts-by-itself": "it starts by itself, several times",
  quiet: "it is quiet, and stays so",
  "frame-clear": "it reads clear to the frame, warm and after a rest",
  "no-heat-at-joint": "the joint stays cool under load",
  "turns-free": "it turns freely by hand, and runs down slowly",
  "amps-near-plate": "amps near the plate's of this connection",
  "right-way": "it turns the way the machine asks for",
};
