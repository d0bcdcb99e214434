import type { MergeCounts } from "@/store/team/merge-row";
import type { TakenBack } from "@/store/team/merge-team";

const counted = (count: number, one: string, many: string): string => `${count} ${count === 1 ? one : many}`;

/** What a merge brings, in counts. */
export function mergeWords({ newCards, changedCards, goneCards, others }: MergeCounts): string {
  const said = [
    ...(newCards > 0 ? [counted(newCards, "new card", "new cards")] : []),
    ...(changedCards > 0 ? [counted(changedCards, "changed card", "changed cards")] : []),
    ...(goneCards > 0 ? [counted(goneCards, "card taken away", "cards taken away")] : []),
    ...(others > 0 ? [counted(others, "line of shelf or rules", "lines of shelf or rules")] : []),
  ];
  return said.length === 0 ? "nothing new" : said.join(", ");
}

export const isNothing = ({ newCards, changedCards, goneCards, others }: MergeCounts): boolean =>
  newCards + changedCards + goneCards + others === 0;

/** What both sides have changed. */
export const conflictCount = (count: number): string => `${count} changed on both sides`;

/** What undoing a merge took back, and what stays. */
export function takenBackWords({ records, keptCards, keptOthers }: TakenBack): string {
  const names = keptCards.map((name) => name.trim() || "a machine not named").slice(0, 5);
  const stays = [
    ...(names.length > 0
      ? [`what was worked on since stays whole: ${names.join(", ")}${keptCards.length > names.length ? " and more" : ""}`]
      : []),
    ...(keptOthers > 0 ? [`${counted(keptOthers, "line", "lines")} of shelf or rules changed since stay`] : []),
  ];
  const head = `Taken back: ${counted(records, "record is", "records are")} as before.`;
  return stays.length === 0 ? head : `${head} But ${stays.join("; ")}.`;
}
