import { uncoupledRecord } from "@/core/stations/uncoupled-run";
import type { InstrumentProps } from "../../station/contract";
import { PUSHED_WORDS, RESULT_WORDS, WAY_WORDS, type Detail } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

/** What was seen to before the motor turns free comes first: what follows opens with it. */
export const ROWS = timedRowsOf<InstrumentProps<"uncoupled-run", Detail>>()(uncoupledRecord, {
  freedAt: { label: "Load taken off while it was dead; key out or taped" },
  result: { label: "What it does", words: RESULT_WORDS },
  amps: { label: "Line amps without load", size: "large" },
  "push.readyAt": { label: "Open wheel, turned free by hand before, dry stick at hand, everyone clear" },
  "push.result": { label: "After one push", words: PUSHED_WORDS },
  "push.way": { label: "It can be pushed", words: WAY_WORDS },
  note: { label: "Note", rows: 1 },
});
