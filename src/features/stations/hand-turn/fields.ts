import { rowsOf } from "@/features/form/rows";
import { handTurnRecord } from "@/core/stations/hand-turn";
import { TURN_WORDS } from "@/features/vocabulary/hand-words";
import type { InstrumentProps } from "../../station/contract";
import { FELT_END_WORDS, type Detail } from "./words";

/** Beside what the hand feels of any shaft (`shared/HandFields`). */
export const ROWS = rowsOf<InstrumentProps<"hand-turn", Detail>>()(handTurnRecord, {
  feltAt: { label: "Felt at", words: FELT_END_WORDS },
  unloaded: {
    label: "With belt, wheel or pump off, power off",
    words: TURN_WORDS,
    when: ({ record, assessment }) => assessment.detail.asksUnloaded || record.unloaded !== null,
  },
  note: { label: "Note" },
});
