import type { STATIONS } from "@/core/stations";
import { HISTORY_WORDS } from "@/features/vocabulary/words";

export type Detail = ReturnType<(typeof STATIONS)["complaint"]["assess"]>["detail"];

/** Since when and after what, in words; an earlier card's repair counts though nobody tapped it. */
export function historySentences({ course, after, repairedAt }: Detail, day: (at: string) => string): string[] {
  const told = [...course, ...after].map((id) => HISTORY_WORDS[id]);
  return [
    ...(told.length > 0 ? [`${told.join(". ")}.`] : []),
    ...(repairedAt !== null && !after.includes("repair")
      ? [`Repaired on ${day(repairedAt)}: that counts as “${HISTORY_WORDS.repair.toLowerCase()}”.`]
      : []),
  ];
}
