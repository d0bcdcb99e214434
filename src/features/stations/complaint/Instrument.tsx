"use client";
import { PickOne, TickList } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import { clockDay } from "@/features/vocabulary/clock";
import type { InstrumentProps } from "../../station/contract";
import { COURSE_OPTIONS, EVENT_OPTIONS, historySentences, OPTIONS, PURPOSE_OPTIONS, type Detail } from "./words";

const toggled = <T,>(list: readonly T[], id: T): T[] => (list.includes(id) ? list.filter((other) => other !== id) : [...list, id]);

export default function Instrument({ record, assessment, change }: InstrumentProps<"complaint", Detail>) {
  return (
    <FieldFlow className="flex flex-col gap-5">
      <PickOne
        legend="What the visit is for"
        options={PURPOSE_OPTIONS}
        picked={assessment.detail.purpose}
        onPick={(purpose) => change((r) => ({ ...r, purpose: purpose ?? r.purpose }))}
      />
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
