import { rowsOf, type Form } from "@/features/form/rows";
import { powerBackRecord, type PowerBackRecord } from "@/core/stations/power-back";
import { STEP_WORDS } from "./words";

export const ROWS = rowsOf<Form<PowerBackRecord>>()(powerBackRecord, { steps: { label: "Before power returns", words: STEP_WORDS } });
