import { inSentence } from "@/features/vocabulary/in-sentence";
import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { sentences, WAY_WORDS, type Detail } from "./words";

export const uncoupledRunView: StationView<"uncoupled-run", Detail> = {
  methods: { uncoupled: "Without its load", push: "One push" },
  brief: ({ detail }) => (detail.state === "welded-shell" ? "Welded shell" : detail.pushed && !detail.result ? "Pushed" : null),
  say: (record, { detail, stamp }) => [
    ...said("means", stamp !== "not-done" && detail.state !== "open" && sentences(detail, null)),
    ...said("read", record.push.way && detail.pushed && `Pushed: ${inSentence(WAY_WORDS[record.push.way])}.`),
    ...noted(record),
  ],
};
