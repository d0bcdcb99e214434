import { GROUPS } from "./groups";
import { patternOf } from "./say";
import { saidAsSo } from "./turn";

const TRIPPED = patternOf(["TRIPS"], GROUPS, { notBehind: ["thermal|protector"] });
// The words change seldom, and a card is assessed with every key.
const known = new Map<string, boolean>();
const MOST_KNOWN = 200;

/**
 * Whether a sentence tells of a breaker or fuse that trips today, though perhaps not when. It needs a few rows of the words
 * alone, so that a card carries no more.
 * @param text in the person's own words
 * @returns true where it trips now; what is denied or over does not count
 * @example saysItTrips("blew a fuse") -> true
 */
export function saysItTrips(text: string): boolean {
  const said = text.toLowerCase().replace(/[\u2018\u2019`´]/g, "'");
  if (said.trim() === "") return false;
  const before = known.get(said);
  if (before !== undefined) return before;
  if (known.size >= MOST_KNOWN) known.clear();
  const isSo = saidAsSo(said);
  const found = [...said.matchAll(TRIPPED)].some((match) => isSo(match.index, match.index + match[0].length));
  known.set(said, found);
  return found;
}
