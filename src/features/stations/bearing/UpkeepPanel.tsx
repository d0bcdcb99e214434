"use client";
import { dueOn } from "@/core/due";
import { PickOne } from "@/components/Choice";
import { BEARING_KINDS } from "@/core/bearing";
import { dayOf, dayWords } from "@/features/vocabulary/clock";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { Verdict } from "../shared/Verdict";
import { BEARING_ENDS } from "./end-in-hand";
import { withEnd, type PanelProps } from "./props";
import { END_WORDS, upkeepSentences } from "./words";

const KIND_OPTIONS = BEARING_KINDS.map((id) => ({ id, label: id === "ball" ? "Ball" : "Sleeve" }));

/** Oil and inspection: what each end asks for, how often, when it was done, when it is due. */
export function UpkeepPanel(props: PanelProps) {
  const { record, assessment, weighed, change } = props;
  const { detail } = assessment;
  const [due] = assessment.due ?? [];
  const today = dayOf(new Date());
  const on = due ? dueOn(due, weighed.visitDay ?? today) : null;
  return (
    <>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        {BEARING_ENDS.map((end) => (
          <PickOne
            key={end}
            legend={`${END_WORDS[end]} turns on a`}
            options={KIND_OPTIONS}
            picked={record.ends[end].kind ?? (detail.ends[end].size ? "ball" : null)}
            onPick={(kind) => change((r) => withEnd(r, end, { kind }))}
          />
        ))}
        <Fields of={ROWS} show={["duty"]} given={props} />
      </div>
      <div className="grid max-w-[560px] grid-cols-2 gap-x-6">
        <Fields of={ROWS} show={["plateOil", "plateMonths"]} given={props} />
      </div>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <Fields of={ROWS} show={["lastDone"]} given={props} />
        <button type="button" className="btn btn-filled" onClick={() => change((r) => ({ ...r, lastDone: today }))}>
          Seen to today
        </button>
      </div>
      <Verdict
        assessment={{ ...assessment, stamp: detail.upkeep.length > 0 ? "noted" : "not-done" }}
        sentences={[
          ...upkeepSentences(detail, record),
          ...(on ? [`Next by ${dayWords(on)}${record.lastDone ? "" : ", counted from this visit"}.`] : []),
        ]}
      />
    </>
  );
}
