import { END_TABLE, type EndNeed } from "@/core/job";
import { cardEndRecord } from "@/core/stations/end";
import { dayWords } from "@/features/vocabulary/clock";
import { END_WORDS } from "@/features/vocabulary/end-words";
import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

type Given = InstrumentProps<"end", Detail>;

/** Asked for by the end the card has, or is on its way to. */
const isAsked =
  (need: EndNeed) =>
  ({ assessment: { detail } }: Given): boolean =>
    detail.end !== null && END_TABLE[detail.end].needs.includes(need);

export const ROWS = timedRowsOf<Given>()(cardEndRecord, {
  end: {
    label: "How it ends",
    words: END_WORDS,
    offers: ({ assessment }) => assessment.detail.offered,
    with: (end, at) => ({ endedAt: end === null ? null : at }),
  },
  unusableAt: {
    label: "Made unusable before it leaves your hands: cord or leads cut, labelled as condemned",
    when: isAsked("unusable"),
  },
  what: { label: "What the makeshift is", rows: 1, when: isAsked("what") },
  until: { label: "What ends it", rows: 1, when: isAsked("until") },
  toWhom: { label: "Handed over to", rows: 1, when: isAsked("to-whom") },
  why: { label: "Why it is left as it is", rows: 1, when: isAsked("why") },
  isInUse: { label: "The machine is in use meanwhile", when: isAsked("in-use") },
  on: {
    label: "Day",
    when: (given) => isAsked("day")(given) || given.assessment.detail.end === "proved-without-load",
    shown: ({ assessment }) => assessment.detail.on,
    beside: ({ assessment: { detail } }) => (detail.on === null ? "No day yet: pick one, or it is forgotten." : dayWords(detail.on)),
  },
  leftSo: {
    label: "Parts left open, and why",
    rows: 1,
    when: ({ record, assessment: { detail } }) => detail.lacks.includes("parts") || record.leftSo.trim() !== "",
  },
});
