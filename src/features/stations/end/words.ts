import type { STATIONS } from "@/core/stations";
import type { CardEndRecord } from "@/core/stations/end";
import { dayWords } from "@/features/vocabulary/clock";
import { END_SENTENCES, END_WORDS, NEED_WORDS } from "@/features/vocabulary/end-words";

export type Detail = ReturnType<(typeof STATIONS)["end"]["assess"]>["detail"];

/** What is still asked for, a line each. */
export const lackLines = ({ lacks }: Detail): string[] => lacks.map((need) => `Still asked for: ${NEED_WORDS[need]}.`);

const said = (label: string, text: string): string[] => (text.trim() === "" ? [] : [`${label}: ${text.trim().replace(/[.\s]*$/, "")}.`]);

/** How the card ends, for cards and paper. */
export function sentences(record: CardEndRecord, detail: Detail): string[] {
  const { end, lacks, on } = detail;
  if (end === null) return said("Left open", record.leftSo);
  return [
    // What is still asked for is not yet so.
    ...(lacks.length === 0 ? [`${END_WORDS[end]}. ${END_SENTENCES[end]}`] : [`On its way to: ${END_WORDS[end].toLowerCase()}.`]),
    ...(end === "makeshift" ? [...said("The makeshift", record.what), ...said("It ends with", record.until)] : []),
    ...(end === "referred" ? said("To", record.toWhom) : []),
    ...(end === "left-as-is" ? said("Why", record.why) : []),
    ...(end === "waits-for-part" && record.isInUse !== null ? [record.isInUse ? "In use meanwhile." : "Switched off meanwhile."] : []),
    ...(on !== null && ["left-as-is", "makeshift", "waits-for-part", "proved-without-load"].includes(end) ? [`Day: ${dayWords(on)}.`] : []),
    ...said("Left open", record.leftSo),
    ...lackLines(detail),
  ];
}
