import { inSentence } from "@/features/vocabulary/in-sentence";
import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { type Detail, FELT_END_WORDS, sentences } from "./words";

export const handTurnView: StationView<"hand-turn", Detail> = {
  brief: ({ detail }) => (detail.state === "welded-shell" ? "Welded shell" : null),
  say: (record, { detail, stamp }) => [
    ...said("means", stamp !== "not-done" && sentences(detail)),
    ...said(
      "read",
      record.endPlay && "End play beyond the washers.",
      record.feltAt && `Felt at: ${inSentence(FELT_END_WORDS[record.feltAt])}.`,
    ),
    ...noted(record),
  ],
};
