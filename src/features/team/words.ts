import type { MergeCounts } from "@/store/team/document-row";
import type { Peer } from "@/store/team/peers";
import type { TakenBack } from "@/store/team/undo-merge";
import { dayAndTime } from "../vocabulary/clock";

const counted = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/** What a merge brings, in counts. */
export function mergeWords({ newCards, changedCards, goneCards, others, conflicts }: MergeCounts): string {
  const said = [
    ...(newCards > 0 ? [counted(newCards, "new card", "new cards")] : []),
    ...(changedCards > 0 ? [counted(changedCards, "changed card", "changed cards")] : []),
    ...(goneCards > 0 ? [counted(goneCards, "card taken away", "cards taken away")] : []),
    ...(others > 0 ? [counted(others, "line of shelf or rules", "lines of shelf or rules")] : []),
  ];
  if (said.length === 0 && conflicts > 0) return `only what both sides changed: ${counted(conflicts, "field", "fields")}, to be chosen`;
  return said.length === 0 ? "nothing new" : said.join(", ");
}

export const isNothing = ({ newCards, changedCards, goneCards, others }: MergeCounts): boolean =>
  newCards + changedCards + goneCards + others === 0;

/** What undoing a merge took back, and what stays. */
export function takenBackWords({ records, keptCards, keptOthers, keptActs }: TakenBack): string {
  const names = keptCards.map((name) => name.trim() || "a machine not named").slice(0, 5);
  const stays = [
    ...(names.length > 0
      ? [`what was worked on since stays whole: ${names.join(", ")}${keptCards.length > names.length ? " and more" : ""}`]
      : []),
    ...(keptOthers > 0 ? [`${counted(keptOthers, "line", "lines")} of shelf or rules changed since stay`] : []),
  ];
  const acts = keptActs > 0 ? " What became of pieces stays: somebody took, put back or counted them." : "";
  const head =
    records === 0
      ? `Nothing was taken back.${acts}`
      : `Taken back: ${counted(records, "record is", "records are")} as before. The others hear of it.${acts}`;
  return stays.length === 0 ? head : `${head} But ${stays.join("; ")}.`;
}

/** A clock that is ahead by more than this is wrong, whatever zone it is in [ms]. */
const CLOCK_AHEAD_MS = 86_400_000;

/** How things stand with another device. @param waiting files of it that are on their way here */
export function peerWords({ at, inStepSince }: Peer, waiting: number, now: Date): string {
  const ahead = Date.parse(at) - now.getTime() > CLOCK_AHEAD_MS ? [`Its clock is ahead: it says ${dayAndTime(at, now)}.`] : [];
  if (waiting > 0)
    return [`${counted(waiting, "file of it is", "files of it are")} on the way here; the rest is taken meanwhile.`, ...ahead].join(" ");
  const step = inStepSince === null ? "It has not read yet what is new here." : `In step since ${dayAndTime(inStepSince, now)}.`;
  return [step, ...ahead].join(" ");
}

/** What of this device the others cannot know of yet. */
export const unsentWords = (count: number): string =>
  count === 0
    ? "Everything of this device is written for the others."
    : `${counted(count, "change waits", "changes wait")} to be written for the others.`;
