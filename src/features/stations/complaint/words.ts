import { COMPLAINTS } from "@/core/trade";
import { COURSES, EVENTS } from "@/core/diagnosis";
import { PURPOSES } from "@/core/job";
import type { STATIONS } from "@/core/stations";
import { COMPLAINT_WORDS } from "@/features/vocabulary/list-words";
import { PURPOSE_WORDS } from "@/features/vocabulary/end-words";
import { HISTORY_WORDS } from "@/features/vocabulary/words";

export type Detail = ReturnType<(typeof STATIONS)["complaint"]["assess"]>["detail"];

export const OPTIONS = COMPLAINTS.map((id) => ({ id, label: COMPLAINT_WORDS[id] }));
export const PURPOSE_OPTIONS = PURPOSES.map((id) => ({ id, label: PURPOSE_WORDS[id] }));
export const COURSE_OPTIONS = COURSES.map((id) => ({ id, label: HISTORY_WORDS[id] }));
export const EVENT_OPTIONS = EVENTS.map((id) => ({ id, label: HISTORY_WORDS[id] }));

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
