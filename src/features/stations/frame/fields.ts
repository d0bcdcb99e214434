import { frameRecord } from "@/core/stations/frame";
import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

/** Beside one line a lead, drawn by the leads there are. */
export const ROWS = timedRowsOf<InstrumentProps<"frame", Detail>>()(frameRecord, {
  beeps: { label: "Continuity beeper: it beeps on a lead" },
  "again.isPartOut": { label: "What was faulty is out of the circuit" },
  "again.reading": { label: "Every lead to the frame again, the lowest", isAside: true, when: ({ record }) => record.again.isPartOut },
  note: { label: "Note", rows: 1 },
});
