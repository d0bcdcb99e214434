import type { Form } from "@/features/form/rows";
import { powerBackRecord, type PowerBackRecord } from "@/core/stations/power-back";
import { STEP_WORDS } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

export const ROWS = timedRowsOf<Form<PowerBackRecord>>()(powerBackRecord, { steps: { label: "Before power returns", words: STEP_WORDS } });
