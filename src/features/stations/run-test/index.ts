import type { StationView } from "../contract";
import { BEHAVIOUR_WORDS, NOISE_WORDS, sentences, WARMTH_WORDS, type Detail } from "./words";

export const runTestView: StationView<"run-test", Detail> = {
  title: "Run test",
  letter: "a",
  methods: { run: "On the machine", "what-if": "What-if" },
  brief: ({ stamp, detail }) => {
    if (stamp === "out" && detail.understanding?.explanations[0]?.fault && detail.amps?.conformity?.decision !== "out")
      return "Not as it should";
    return null;
  },
  say: (record, { detail, stamp }) => [
    ...(record.behaviour ? [`${BEHAVIOUR_WORDS[record.behaviour]}.`] : []),
    ...(stamp === "not-done" ? [] : sentences(detail, record)),
    ...(record.noises.length > 0 ? [`Heard: ${record.noises.map((noise) => NOISE_WORDS[noise].toLowerCase()).join(", ")}.`] : []),
    ...(record.warmth ? [`Shell: ${WARMTH_WORDS[record.warmth].toLowerCase()}.`] : []),
    ...(record.note.trim() ? [record.note.trim()] : []),
  ],
  instrument: () => import("./Instrument"),
};
