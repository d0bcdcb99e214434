import type { Facts } from "@/core/facts";
import { answerConnection, type Connection, type ConnectionAnswer, type ConnectionNote } from "@/core/winding";
import type { MotorType } from "@/core/trade";
import { formatQuantity } from "@/core/quantity";
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

/** The connection of a settled board without a winding at fault; null: nothing is settled, or a winding is at fault. */
export const connectionOf = (
  { isSettled, elements }: WindingsDetail,
  { motorType }: Pick<Facts, "motorType">,
  picked: MotorType | null = null,
): ConnectionAnswer | null =>
  isSettled && !elements.some(({ isFaulty }) => isFaulty) ? answerConnection(elements, picked ?? motorType) : null;

/** Why no connection is drawn though the board is settled. */
export const OPEN_WORDS: Record<Extract<ConnectionAnswer, { kind: "open" }>["why"], string> = {
  type: "How it gets its start is not known, and decides the circuit: pick the type here or at the plate.",
  "large-capacitor":
    "A capacitor of this size is a start part, and no motor of this type has one: look at type and plate once more before anything is connected.",
  "no-connection": "This board has no connection that can be drawn: the motor's own diagram comes first.",
};

/** What of the board has no place in the drawing, in one sentence; null: everything has. */
export function leftOutSentence({ leftOut }: Extract<ConnectionAnswer, { kind: "drawn" }>, names: readonly string[]): string | null {
  if (leftOut.length === 0) return null;
  const parts = leftOut.map(
    ({ cls, posts, capacitanceUf = null }) =>
      `${ELEMENT_WORDS[cls]}${capacitanceUf === null ? "" : ` of ${formatQuantity("capacitance", capacitanceUf)}`} (${postName(names, posts[0])} to ${postName(names, posts[1])})`,
  );
  return `Left out, since a motor of this type has no place for it: ${parts.join(", ")}.`;
}

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
