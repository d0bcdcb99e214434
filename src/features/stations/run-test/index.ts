import { inSentence } from "@/features/vocabulary/in-sentence";
import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import { BEHAVIOUR_WORDS, NOISE_WORDS, allSentences, WARMTH_WORDS, type Detail } from "./words";

export const runTestView: StationView<"run-test", Detail> = {
  methods: { run: "On the machine", "what-if": "What-if" },
  say: (record, { detail, stamp }) => [
    ...said("read", record.behaviour && `${BEHAVIOUR_WORDS[record.behaviour]}.`),
    ...said("means", stamp !== "not-done" && allSentences(detail, record)),
    ...said(
      "read",
      record.noises.length > 0 && `Heard: ${record.noises.map((noise) => inSentence(NOISE_WORDS[noise])).join(", ")}.`,
      record.warmth && `Shell: ${inSentence(WARMTH_WORDS[record.warmth])}.`,
    ),
    ...noted(record),
  ],
};
