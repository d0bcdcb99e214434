"use client";
import { PickOne, TickList } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import { goneSentence } from "@/features/vocabulary/gone-words";
import { notOursSentence, STILL_SERVES } from "@/features/vocabulary/not-ours-words";
import { clockDay } from "@/features/vocabulary/clock";
import type { InstrumentProps } from "../../station/contract";
import { COURSE_OPTIONS, EVENT_OPTIONS, historySentences, OPTIONS, PURPOSE_OPTIONS, type Detail } from "./words";

const toggled = <T,>(list: readonly T[], id: T): T[] => (list.includes(id) ? list.filter((other) => other !== id) : [...list, id]);

export default function Instrument({ record, assessment, change }: InstrumentProps<"complaint", Detail>) {
  const { notOurs, capacitorGone } = assessment.detail;
  const notes = [...(notOurs ? [notOursSentence(notOurs), STILL_SERVES] : []), ...(capacitorGone ? [goneSentence(capacitorGone)] : [])];
  return (
    <FieldFlow className="flex flex-col gap-5">
      <PickOne
        legend="What the visit is for"
        options={PURPOSE_OPTIONS}
        picked={assessment.detail.purpose}
        onPick={(purpose) => change((r) => ({ ...r, purpose: purpose ?? r.purpose }))}
      />
      {notes.map((note) => (
        <p key={note} className="border-l-4 border-close pl-3 text-[14px]">
          {note}
        </p>
      ))}
      <TickList
        legend="What the motor does: tick all that apply"
        options={OPTIONS}
        ticked={record.complaints}
        onToggle={(id) => change((r) => ({ ...r, complaints: toggled(r.complaints, id) }))}
      />
      <TickList
        legend="Since when: a tap, if somebody knows"
        options={COURSE_OPTIONS}
        ticked={record.course}
        onToggle={(id) => change((r) => ({ ...r, course: toggled(r.course, id) }))}
      />
      <TickList
        legend="After what"
        options={EVENT_OPTIONS}
        ticked={record.after}
        onToggle={(id) => change((r) => ({ ...r, after: toggled(r.after, id) }))}
      />
      {assessment.detail.repairedAt ? (
        <p className="caption">{historySentences({ ...assessment.detail, course: [], after: record.after }, clockDay)}</p>
      ) : null}
      <NoteField label="In the customer's own words" text={record.said} onText={(said) => change((r) => ({ ...r, said }))} />
    </FieldFlow>
  );
}
