import { rowsOf } from "@/features/form/rows";
import { complaintRecord } from "@/core/stations/complaint";
import { PURPOSE_WORDS } from "@/features/vocabulary/end-words";
import { HISTORY_WORDS } from "@/features/vocabulary/words";
import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";
import { COMPLAINT_WORDS } from "@/features/vocabulary/complaint-words";

export const ROWS = rowsOf<InstrumentProps<"complaint", Detail>>()(complaintRecord, {
  purpose: { label: "What the visit is for", words: PURPOSE_WORDS, stays: true, shown: ({ assessment }) => assessment.detail.purpose },
  complaints: { label: "What the motor does: tick all that apply", words: COMPLAINT_WORDS },
  course: { label: "Since when: a tap, if somebody knows", words: HISTORY_WORDS },
  after: { label: "After what", words: HISTORY_WORDS },
  said: { label: "In the customer's own words" },
});
