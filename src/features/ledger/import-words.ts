import type { ImportPlan } from "@/records";
import type { Undone } from "@/store/import-file";

/** What an import does, in counts. */
export function countWords({ newTravellers, changedTravellers, keptTravellers, put, faults }: ImportPlan): string {
  const parts = [`${newTravellers.length} new`, `${changedTravellers.length} changed`, `${keptTravellers} left as they are`];
  if (put.part.length > 0) parts.push(`${put.part.length} shelf lines`);
  if (put.house.length > 0) parts.push("house rules replaced");
  if (faults.length > 0) parts.push(`${faults.length} not taken`);
  return parts.join(", ");
}

/** Records written by a clock that was ahead; null when there are none. */
export const futureSentence = ({ fromFuture }: ImportPlan): string | null =>
  fromFuture === 0
    ? null
    : `${fromFuture === 1 ? "One record carries" : `${fromFuture} records carry`} a time that has not come yet: the clock of the device that wrote the file was ahead. Taken all the same; changes made here count as later.`;

/** What an undo took back, and what it left. */
export function undoneSentences({ keptCards, keptOthers }: Undone): string[] {
  if (keptCards.length === 0 && keptOthers === 0) return ["Undone: everything is as it was before."];
  const names = keptCards.map((name) => name.trim() || "a machine not named").slice(0, 5);
  const more = keptCards.length > names.length ? ` and ${keptCards.length - names.length} more` : "";
  return [
    "Undone, but for what was changed since it was taken in: that stays as it is now.",
    ...(keptCards.length > 0 ? [`Cards that stay: ${names.join(", ")}${more}.`] : []),
    ...(keptOthers > 0
      ? [`${keptOthers === 1 ? "One shelf line or house rule stays" : `${keptOthers} shelf lines or house rules stay`}.`]
      : []),
  ];
}
