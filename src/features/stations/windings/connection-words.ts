import type { Facts } from "@/core/facts";
import { connectBoard, type Connection, type ConnectionNote } from "@/core/winding";
import { ELEMENT_WORDS } from "./board-sentences";
import { postName, type WindingsDetail } from "./words";

export const PART_WORDS = {
  "run-capacitor": "run capacitor",
  "start-capacitor": "start capacitor",
  switch: "switch or relay",
  protector: "protector",
} as const;

/** The drawing in words, for a screen reader and for the printed page. */
export function describe({ rungs }: Connection, names: readonly string[]): string {
  return rungs
    .map((rung) => {
      const parts = rung.map((part) =>
        part.kind === "post" ? postName(names, part.post) : part.kind === "winding" ? ELEMENT_WORDS[part.cls] : PART_WORDS[part.kind],
      );
      return `L1, ${parts.join(", ")}, L2`;
    })
    .join(". ");
}

/** The connection of a settled board without a winding at fault; null: there is none to draw. */
export const connectionOf = ({ isSettled, elements }: WindingsDetail, { motorType }: Pick<Facts, "motorType">): Connection | null =>
  isSettled && !elements.some(({ isFaulty }) => isFaulty) ? connectBoard(elements, motorType) : null;

/** From which end a direction is named. */
export type Convention = "shaft" | "lead";

export const CONNECTION_NOTES: Record<ConnectionNote, string> = {
  "polarity-of-halves":
    "Two equal halves: side by side for the low voltage, end to end for the high. Ohms do not tell which ends belong together; wrong way round it hums, hardly turns and draws several times its amps. The plate decides; else try on reduced voltage, two seconds at most.",
  "protector-side":
    "The two posts of the protector read alike: ohms cannot tell the outer one. Fed on the inner one, the protector carries nothing and protects nothing; the motor's own diagram decides.",
  "mark-to-line": "Capacitor: the marked terminal to the line side, so that a short to its case blows the fuse.",
  "speeds-one-at-a-time": "L2 goes to one speed lead at a time; cap every unused one by itself.",
  "own-diagram-first": "The motor's own diagram comes first where there is one.",
};

/** How it is turned round at its leads, or why it is not. */
export function reversalSentence({ reversal }: Connection, names: readonly string[], convention: Convention): string {
  const looking = convention === "shaft" ? "named looking at the shaft end" : "named looking at the lead end";
  switch (reversal.kind) {
    case "swap":
      return `To reverse (${looking}): exchange the start winding's two ends, ${postName(names, reversal.posts[0])} and ${postName(names, reversal.posts[1])}; leave the main winding as it is.`;
    case "move-line":
      return `To reverse (${looking}): move L2 from ${postName(names, reversal.from)} to ${postName(names, reversal.to)}; the capacitor stays between them.`;
    case "inside":
      return `Not reversible at the leads (direction ${looking}): start and main winding are joined inside.`;
    case "mechanical":
      return `Not reversible by wires (direction ${looking}): a shaded-pole motor turns toward its shading ring. Some turn the other way with the rotor put in end for end.`;
  }
}
