import { rowsOf } from "@/features/form/rows";
import { supplyRecord } from "@/core/stations/supply";
import type { InstrumentProps } from "../../station/contract";
import { CALL_WORDS, INTERLOCK_WORDS, type Detail } from "./words";

type Given = InstrumentProps<"supply", Detail>;
const slipWhy = "the plate";

export const ROWS = rowsOf<Given>()(supplyRecord, {
  call: { label: "Control", words: CALL_WORDS },
  interlock: { label: "Door, pressure or float interlock", words: INTERLOCK_WORDS },
  standing: {
    label: "At the motor, standing",
    size: "large",
    isFirst: true,
    slipWhy,
    slip: ({ assessment }) => assessment.detail.slips.standing,
  },
  starting: { label: "While it tries to start", size: "large", slipWhy, slip: ({ assessment }) => assessment.detail.slips.starting },
  atDisconnect: {
    label: "At the disconnect",
    // Asked for where the motor has no volts, or too few.
    when: ({ record, assessment: { detail } }) => record.atDisconnect !== null || (detail.outcome !== null && detail.outcome !== "good"),
    slipWhy,
    slip: ({ assessment }) => assessment.detail.slips.atDisconnect,
  },
  note: { label: "Note", rows: 1 },
});
