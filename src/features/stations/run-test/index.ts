import { inSentence } from "@/features/vocabulary/in-sentence";
import type { StationView } from "../../station/contract";
import { BEHAVIOUR_WORDS, NOISE_WORDS, allSentences, WARMTH_WORDS, type Detail } from "./words";

export const runTestView: StationView<"run-test", Detail> = {
  methods: { run: "On the machine", "what-if": "What-if" },
  say: (record, { detail, stamp }) => [
    ...(record.behaviour ? [`${BEHAVIOUR_WORDS[record.behaviour]}.`] : []),
    ...(stamp === "not-done" ? [] : allSentences(detail, record)),
    ...(record.noises.length > 0 ? [`Heard: ${record.noises.map((noise) => inSentence(NOISE_WORDS[noise])).join(", ")}.`] : []),
    ...(record.warmth ? [`Shell: ${inSentence(WARMTH_WORDS[record.warmth])}.`] : []),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
};
