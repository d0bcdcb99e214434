import { inSentence } from "@/features/vocabulary/in-sentence";
import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { CALL_WORDS, INTERLOCK_WORDS, sentences, type Detail } from "./words";

const BRIEFS: Partial<Record<NonNullable<Detail["outcome"]>, string>> = {
  absent: "No volts",
  lost: "Lost on the way",
  "no-call": "No call",
  sags: "Sags",
};

export const supplyView: StationView<"supply", Detail> = {
  brief: ({ detail }) => (detail.isDefeated ? "Bridged" : detail.outcome ? (BRIEFS[detail.outcome] ?? null) : null),
  say: (record, { detail, stamp }) => [
    ...said(
      "read",
      record.call && `${CALL_WORDS[record.call]}.`,
      record.interlock && record.interlock !== "none" && `Interlock: ${inSentence(INTERLOCK_WORDS[record.interlock])}.`,
    ),
    ...said("means", stamp !== "not-done" && detail.outcome !== null && sentences(detail)),
    ...noted(record),
  ],
};
