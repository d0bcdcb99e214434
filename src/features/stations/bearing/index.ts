import type { BearingEnd } from "@/core/bearing";
import { dayWords } from "@/features/vocabulary/clock";
import { inSentence } from "@/features/vocabulary/in-sentence";
import type { StationView } from "../../station/contract";
import { noted, said } from "../../station/said";
import {
  bothSentence,
  END_WORDS,
  jobSentence,
  nameSentences,
  REPAIR_WORDS,
  seatSentences,
  upkeepSentences,
  WELDED_SENTENCE,
  type Detail,
} from "./words";

const ENDS = ["drive-end", "other-end"] as const satisfies readonly BearingEnd[];

export const bearingView: StationView<"bearing", Detail> = {
  methods: { name: "Name", fit: "Fit", job: "The job", upkeep: "Upkeep", tones: "Tones" },
  brief: ({ detail, stamp }) => {
    if (stamp !== "noted") return null;
    const numbers = ENDS.flatMap((end) => detail.ends[end].size?.number ?? (detail.ends[end].isSleeve ? "sleeve" : []));
    return [...new Set(numbers)].join(", ") || (detail.isWelded ? "Welded shell" : null);
  },
  say: (record, { detail, stamp }) => {
    if (stamp === "not-done") return [];
    const named = ENDS.filter((end) => detail.ends[end].state !== "nothing").flatMap((end) => [
      ...nameSentences(detail.ends[end]).map((sentence, index) => (index === 0 ? `${END_WORDS[end]}: ${inSentence(sentence)}` : sentence)),
      ...seatSentences("Shaft", detail.ends[end].seats.shaft),
      ...seatSentences("Seat", detail.ends[end].seats.housing),
      ...[record.ends[end].shaftRepair, record.ends[end].seatRepair].flatMap((id) =>
        id ? [`${REPAIR_WORDS[id].name}. ${REPAIR_WORDS[id].honest}`] : [],
      ),
    ]);
    const welded = detail.isWelded ? [WELDED_SENTENCE] : [];
    const isJob = record.both !== null || record.tier !== null;
    return [
      ...said("read", welded, named),
      ...said(
        "means",
        isJob && `${jobSentence(detail)} ${bothSentence(detail.both)}`,
        detail.months !== null && upkeepSentences(detail, record),
      ),
      ...said("read", record.lastDone && `Last seen to on ${dayWords(record.lastDone)}.`),
      ...noted(record),
    ];
  },
};
