"use client";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { RUN_FIELD_IDS, RUN_FIELDS, rowsOf, type RunField } from "@/core/stations/run-test";
import { isRunFieldOn } from "@/core/relevance";
import { useState } from "react";
import type { InstrumentProps } from "../../station/contract";
import { PAD_EXTRAS } from "@/features/form/reading";
import { Verdict } from "../shared/Verdict";
import { useStudies } from "../../station/useStudies";
import { Explanations } from "./Explanations";
import { SlipCount } from "./SlipCount";
import { RunBars } from "./RunBars";
import { doubtSentences, sentences, type Detail } from "./words";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";

/** The motor as it runs: what it does, the figures, and what they say. */
export function RunPanel(props: InstrumentProps<"run-test", Detail>) {
  const { record, assessment, facts, house } = props;
  const { detail } = assessment;
  const [isAllShown, setAllShown] = useState(false);
  const shown = RUN_FIELD_IDS.filter((id) => isAllShown || record[id] !== null || isRunFieldOn(id, facts));
  const [field, setField] = useState<RunField>("lineAmps");
  const study = useStudies();
  // Before anything is keyed, what a sound motor would show.
  const preview =
    detail.understanding === null && detail.question && assessment.stamp === "not-done" ? study("run", detail.question) : null;
  const understanding = detail.understanding ?? (preview?.ok ? preview.value : null);
  const rows = detail.understanding ? detail.rows : rowsOf(record, facts, house.figures, understanding);
  const isUntouched = assessment.stamp === "not-done";
  return (
    <FieldFlow className="flex flex-col gap-5">
      <Fields of={ROWS} show={["behaviour"]} given={props} />
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-5">
          <Fields of={ROWS} show={shown} given={props} in="four-columns" onFocusField={setField} />
          {shown.length < RUN_FIELD_IDS.length ? (
            <button type="button" className="btn btn-plain self-start" onClick={() => setAllShown(true)}>
              All figures of the run
            </button>
          ) : null}
          <SlipCount {...props} />
          <Verdict assessment={assessment} sentences={sentences(detail, record)} isWaiting={detail.isWorking} />
        </div>
        <KeyPad extras={PAD_EXTRAS[RUN_FIELDS[field]]} />
      </div>
      <RunBars rows={rows} />
      {isUntouched && understanding ? (
        <p className="text-[14px] text-ink-soft">
          The brackets are what a sound motor of this plate would show.{" "}
          {doubtSentences({ ...detail, narrowing: understanding.narrowing, understanding }).join(" ")}
        </p>
      ) : null}
      {detail.understanding && detail.understanding.explanations.length > 0 ? (
        <Explanations explanations={detail.understanding.explanations} behaviour={record.behaviour} rows={detail.rows} />
      ) : null}
      <Fields of={ROWS} show={["noises", "warmth", "hotPlace", "note"]} given={props} />
    </FieldFlow>
  );
}
