import { MEASURES } from "@/core/decision";
import { byId } from "@/core/kept";
import { isWorkOn } from "@/core/relevance";
import { decideRecord } from "@/core/stations/decide";
import { ACTIONS, STANDS_ALONE } from "@/core/trade";
import { dayWords } from "@/features/vocabulary/clock";
import { ACTION_WORDS } from "@/features/vocabulary/list-words";
import { MEASURE_WORDS } from "@/features/vocabulary/decision-words";
import type { InstrumentProps } from "../../station/contract";
import { type Detail, recheckDate } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

type Given = InstrumentProps<"decide", Detail>;

/** Causes, which no test shows, are asked by hand. */
export const ROWS = timedRowsOf<Given>()(decideRecord, {
  action: {
    label: "Chosen action",
    words: ACTION_WORDS,
    offers: ({ record, facts }) => ACTIONS.filter((id) => id === record.action || isWorkOn(id, facts)),
    with: (action, at) => ({ also: null, decidedAt: action === null ? null : at }),
  },
  also: {
    label: "And on the same visit",
    words: ACTION_WORDS,
    when: ({ record }) => record.action !== null,
    offers: ({ record, weighed }) =>
      ACTIONS.filter(
        (id) =>
          id !== record.action && !STANDS_ALONE.includes(id) && weighed.proposals.some(({ action, also }) => action === id || also === id),
      ),
    with: (_also, at) => ({ decidedAt: at }),
  },
  reason: { label: "Reason" },
  partHere: { label: "The part is here", when: ({ assessment }) => assessment.detail.measures.length > 0 },
  isCustom: { label: "A motor its maker has no spares for" },
  machineYears: { label: "Machine still wanted for" },
  measure: {
    label: "Meanwhile",
    words: byId(MEASURES, (id) => MEASURE_WORDS[id].name),
    offers: ({ assessment }) => assessment.detail.measures,
    with: (measure, at) => ({ recheckOn: measure === null ? null : recheckDate(measure, new Date(at)) }),
  },
  recheckOn: {
    label: "Look again by",
    beside: ({ record }) => (record.recheckOn ? dayWords(record.recheckOn) : "No date yet: pick one, or it is forgotten."),
  },
});
