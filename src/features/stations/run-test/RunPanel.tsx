"use client";
import type { MachineKind } from "@/core/trade";
import { PickOne, TickList } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { KeyPad } from "@/components/KeyPad";
import { NoteField } from "@/components/LineField";
import { behavioursOn } from "@/core/motor";
import { HOT_PLACES, NOISES, RUN_FIELD_IDS, RUN_FIELDS, rowsOf, WARMTHS, type Noise, type RunField } from "@/core/stations/run-test";
import { isRunFieldOn } from "@/core/relevance";
import { useState } from "react";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { PAD_EXTRAS } from "../shared/reading";
import { Verdict } from "../shared/Verdict";
import { useStudies } from "../../station/useStudies";
import { Explanations } from "./Explanations";
import { SlipCount } from "./SlipCount";
import { RunBars } from "./RunBars";
import { BEHAVIOUR_WORDS, doubtSentences, FIELD_WORDS, HOT_PLACE_WORDS, NOISE_WORDS, sentences, WARMTH_WORDS, type Detail } from "./words";

const behaviourOptions = (machineKind: MachineKind) => behavioursOn(machineKind).map((id) => ({ id, label: BEHAVIOUR_WORDS[id] }));
const NOISE_OPTIONS = NOISES.map((id) => ({ id, label: NOISE_WORDS[id] }));
const HOT_PLACE_OPTIONS = HOT_PLACES.map((id) => ({ id, label: HOT_PLACE_WORDS[id] }));
const WARMTH_OPTIONS = WARMTHS.map((id) => ({ id, label: WARMTH_WORDS[id] }));

/** Quiet goes with nothing else that is heard. */
function toggled(noises: readonly Noise[], noise: Noise): Noise[] {
  if (noises.includes(noise)) return noises.filter((each) => each !== noise);
  return noise === "quiet" ? ["quiet"] : [...noises.filter((each) => each !== "quiet"), noise];
}

/** The motor as it runs: what it does, the figures, and what they say. */
export function RunPanel({ record, assessment, facts, house, change }: InstrumentProps<"run-test", Detail>) {
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
      <PickOne
        legend="What it does when it is switched on"
        options={behaviourOptions(facts.machineKind)}
        picked={record.behaviour}
        onPick={(behaviour) => change((r) => ({ ...r, behaviour }))}
      />
      <div className="beside-pad">
        <div className="flex min-w-0 flex-col gap-5">
          <div className="grid grid-cols-2 items-end gap-x-5 gap-y-3 sm:grid-cols-4">
            {shown.map((id) => (
              <EntryField
                key={id}
                label={FIELD_WORDS[id]}
                quantity={RUN_FIELDS[id]}
                entry={record[id]}
                house={house}
                slip={detail.slips[id]}
                slipWhy="the plate"
                onEntry={(entry) => change((r) => ({ ...r, [id]: entry }))}
                onFocusField={() => setField(id)}
              />
            ))}
          </div>
          {shown.length < RUN_FIELD_IDS.length ? (
            <button type="button" className="btn btn-plain self-start" onClick={() => setAllShown(true)}>
              All figures of the run
            </button>
          ) : null}
          <SlipCount record={record} facts={facts} change={change} />
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
      <TickList
        legend="Heard"
        options={NOISE_OPTIONS}
        ticked={record.noises}
        onToggle={(noise) => change((r) => ({ ...r, noises: toggled(r.noises, noise) }))}
      />
      <PickOne
        legend="Shell after a few minutes"
        options={WARMTH_OPTIONS}
        picked={record.warmth}
        onPick={(warmth) => change((r) => ({ ...r, warmth }))}
      />
      <PickOne
        legend="Hottest at"
        options={HOT_PLACE_OPTIONS}
        picked={record.hotPlace}
        onPick={(hotPlace) => change((r) => ({ ...r, hotPlace }))}
      />
      <NoteField label="Note" text={record.note} rows={1} onText={(note) => change((r) => ({ ...r, note }))} />
    </FieldFlow>
  );
}
