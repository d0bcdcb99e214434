import type { FaultReason, RecordFault } from "@/core/result";

const REASON_WORDS: Readonly<Record<FaultReason, (most: number | null) => string>> = {
  "too-long": (most) => `is longer than the ${most ?? ""} signs that fit`,
  "too-many": (most) => `has more than the ${most ?? ""} lines that fit`,
  missing: () => "is missing",
  "unknown-word": () => "is a word this program does not know",
  "out-of-bounds": () => "is beyond what it can be",
  "no-moment": () => "is no date or time that can be read",
  "wrong-kind": () => "is of another kind than it should be",
  "no-card": () => "belongs to a card that is not here",
  unreadable: () => "cannot be read",
};

/** What a person calls a field; one that is not here is called by its name in the file. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  createdAt: "the day it was begun",
  updatedAt: "the time of its last change",
  finishedAt: "the day it was signed off",
  cameBackAt: "a day it came back",
  exportedAt: "the time of the export",
  skippedReason: "why it was skipped",
  earlier: "what was read before",
  stationId: "its station",
  travellerId: "its card",
  data: "what was keyed",
  recheckOn: "the day to look again",
  lastDone: "the day it was seen to",
  figures: "a rule",
};
const fieldWords = (field: string): string =>
  field
    .split(" ")
    .map((word) => FIELD_WORDS[word] ?? word)
    .join(", ");

/** What is wrong with the field, or with the record as a whole. */
export const faultWords = ({ field, reason, most }: RecordFault): string =>
  `${field === null ? "it" : fieldWords(field)} ${REASON_WORDS[reason](most)}`;
