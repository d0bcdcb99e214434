import { stepRecord, takeApartRecord, wireRecord, type Step, type TakeApartRecord, type Wire } from "@/core/stations/take-apart";
import { rowsOf, type Form } from "@/features/form/rows";
import { PART_WORDS, PLACE_TITLES } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

/** One step: what came off. */
export const STEP_ROWS = timedRowsOf<Form<Step>>()(stepRecord, {
  place: { label: "Where", words: PLACE_TITLES },
  way: { label: "Which way round", placeholder: "hollow towards the bearing" },
  name: { label: "Called", placeholder: ({ record }) => PART_WORDS[record.part] },
  isNew: { label: "Replaced by new" },
});

/** One wire, by its mark and the post it belongs to. */
export const WIRE_ROWS = rowsOf<Form<Wire>>()(wireRecord, {
  mark: { label: "Mark or colour" },
  post: { label: "Belongs to" },
});

export const ROWS = rowsOf<Form<TakeApartRecord>>()(takeApartRecord, { note: { label: "Note", rows: 1 } });
