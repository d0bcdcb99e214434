import type { Complaint } from "../trade";
import { GROUPS } from "./groups";
import { sourceOf } from "./say";
import { LIMITS, TURNS, type SaidTurn } from "./turns";

interface Place {
  readonly from: number;
  readonly to: number;
}

/** Complaints whose own words are denials: that they are denied once more says nothing. */
const OWN_DENIALS: readonly (Complaint | null)[] = ["does-not-run", "starts-with-push"];

const ROWS = TURNS.map(({ turn, where, say, notOf = [] }) => {
  const any = say.map((phrase) => sourceOf(phrase, GROUPS)).join("|");
  return {
    turn,
    where,
    notOf,
    pattern: where === "before" ? new RegExp(`(?:^|[ ,;.])(?:${any})[ -]*$`) : new RegExp(`^[ ]?(?:${any})(?![\\w'])`),
  };
});
const LIMITED = new RegExp(`^[ ]?(?:${LIMITS.map((phrase) => sourceOf(phrase, GROUPS)).join("|")})(?![\\w'])`);

/**
 * What becomes of a phrase by the words before and behind it.
 * @param said text in lower case
 * @param place where the phrase stands, and what it says
 * @returns the turn, and the stretch with the words that turn it
 */
export function turnOf(
  said: string,
  { from, to, complaint }: Place & { readonly complaint: Complaint | null },
): { readonly turn: SaidTurn; readonly whole: Place } {
  const [before, behind] = [said.slice(0, from), said.slice(to)];
  for (const { turn, where, notOf, pattern } of ROWS) {
    if (complaint !== null && notOf.includes(complaint)) continue;
    if (turn === "denied" && (OWN_DENIALS.includes(complaint) || LIMITED.test(behind))) continue;
    const match = pattern.exec(where === "before" ? before : behind);
    if (!match) continue;
    return { turn, whole: where === "before" ? { from: match.index, to } : { from, to: to + match[0].length } };
  }
  return { turn: "now", whole: { from, to } };
}

/**
 * Whether something that another reader found in a text is said as being so now.
 * @param text in the person's own words
 * @returns a question of places in it: true where nothing around them denies it, ends it, or leaves it to somebody's guess
 */
export function saidAsSo(text: string): (from: number, to: number) => boolean {
  const said = text.toLowerCase().replace(/[\u2018\u2019`´]/g, "'");
  return (from, to) => turnOf(said, { from, to, complaint: null }).turn === "now";
}
