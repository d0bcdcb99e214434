import { RECORD_TYPE_NAMES, recordKindOf, type ImportOutline, type RecordTypeName } from "@/records";
import type { Undone } from "@/store/import-file";
import { countedNoun } from "../vocabulary/record-words";

/** Types that stand for themselves, and are counted beside the cards. */
const BESIDE_CARDS: readonly RecordTypeName[] = RECORD_TYPE_NAMES.filter((name) => {
  const { cardField, lineField } = recordKindOf(name);
  return cardField === undefined && lineField === undefined;
});

/** What an import does, in counts. */
export function countWords({ newCards, changedCards, keptCards, counts, faults }: ImportOutline): string {
  const parts = [`${newCards} new`, `${changedCards} changed`, `${keptCards} left as they are`];
  for (const name of BESIDE_CARDS)
    if (counts[name] > 0) parts.push(`${countedNoun(name, counts[name])}${recordKindOf(name).isSingle ? " replaced" : ""}`);
  if (faults.length > 0) parts.push(`${faults.length} not taken`);
  return parts.join(", ");
}

/** Whether an import would write anything at all. */
export const isNothingNew = ({ counts }: ImportOutline): boolean => RECORD_TYPE_NAMES.every((name) => counts[name] === 0);

/** Records written by a clock that was ahead; null when there are none. */
export const futureSentence = ({ fromFuture }: ImportOutline): string | null =>
  fromFuture === 0
    ? null
    : `${fromFuture === 1 ? "One record carries" : `${fromFuture} records carry`} a time that has not come yet: the clock of the device that wrote the file was ahead. Taken all the same; changes made here count as later.`;

/** What an undo took back, and what it left. */
export function undoneSentences({ keptCards, keptOthers }: Undone): string[] {
  const others = BESIDE_CARDS.flatMap((name) => (keptOthers[name] ? [countedNoun(name, keptOthers[name])] : []));
  if (keptCards.length === 0 && others.length === 0) return ["Undone: everything is as it was before."];
  const names = keptCards.map((name) => name.trim() || "a machine not named").slice(0, 5);
  const more = keptCards.length > names.length ? ` and ${keptCards.length - names.length} more` : "";
  return [
    "Undone, but for what was changed since it was taken in: that stays as it is now.",
    ...(keptCards.length > 0 ? [`Cards that stay: ${names.join(", ")}${more}.`] : []),
    ...(others.length > 0 ? [`Beside them stays: ${others.join(", ")}.`] : []),
  ];
}
