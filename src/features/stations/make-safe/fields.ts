import { makeSafeRecord } from "@/core/stations/make-safe";
import { GONE_WORDS } from "@/features/vocabulary/gone-words";
import type { InstrumentProps } from "../../station/contract";
import { type Detail, STEP_WORDS, STEPS } from "./words";
import { timedRowsOf } from "@/features/form/timed-rows";

type Given = InstrumentProps<"make-safe", Detail>;

/** Nothing there holds a charge: no part, or a motor that has none and on which none was seen. */
export const leavesNoCharge = ({ record: { round }, assessment: { detail } }: Given): boolean =>
  round.capacitorIs === "none-fitted" || round.capacitorIs === "removed" || (detail.lacksCapacitor && !detail.isCapacitorSeen);

export const ROWS = timedRowsOf<Given>()(makeSafeRecord, {
  "round.steps": {
    label: "Isolate",
    words: STEP_WORDS,
    offers: ({ record, assessment: { detail } }) =>
      STEPS.map(({ id }) => id).filter((id) => detail.steps.includes(id) || record.round.steps[id] !== undefined),
  },
  "round.provenLive": { label: "Meter on a live source, before" },
  "round.circuitDead": { label: "The circuit to be worked on" },
  "round.provenLiveAgain": { label: "Meter on a live source, after" },
  "round.capacitorVolts": { label: "Left on the capacitor", when: (given) => !leavesNoCharge(given) },
  "round.capacitorIs": {
    label: "Capacitor, where it is not as it should be",
    words: GONE_WORDS,
    when: ({ assessment: { detail } }) => !detail.lacksCapacitor,
  },
});
