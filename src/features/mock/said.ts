import type { MockAct, MockWorld } from "@/core/mock";
import { MISHAP_WORDS } from "./mock-words";

/** What went wrong by an act, with what keeps it away; null: nothing did. */
export function mishapWords(before: MockWorld, after: MockWorld): readonly string[] | null {
  const mishap = after.mishaps[before.mishaps.length];
  return mishap ? [MISHAP_WORDS[mishap.what].told, MISHAP_WORDS[mishap.what].kept] : null;
}

/** Why an act showed nothing. */
export const nothingWords = ({ isLive }: MockWorld, act: MockAct): readonly string[] => {
  if (act.kind === "off") return ["Off, and locked. Prove it dead."];
  if (act.kind === "on") return ["Power is on."];
  return isLive ? [] : ["There is no power: nothing moves, and nothing is there to read."];
};
