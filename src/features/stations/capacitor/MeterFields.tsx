"use client";
import { YesNo } from "@/components/Choice";
import type { InstrumentProps } from "../contract";
import { EntryField } from "../shared/EntryField";
import { sectionName, type CapacitorDetail } from "./sentences";
import { withAt } from "./words";

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** What the capacitance meter shows, one field a section; a dual says between which terminals. */
export function MeterFields({ record, assessment, house, change }: Props) {
  const { detail } = assessment;
  const names =
    detail.state === "label" && detail.sections.length > 1
      ? detail.sections.map((_, index) => `Meter shows, C to ${sectionName(detail, index)}`)
      : ["Meter shows"];
  return names.map((name, index) => (
    <EntryField
      key={index}
      label={name}
      quantity="capacitance"
      entry={record.readings[index] ?? null}
      house={house}
      size={names.length < 2 ? "large" : "normal"}
      onEntry={(entry) => change((r) => ({ ...r, readings: withAt(r.readings, index, entry, null) }))}
    />
  ));
}

/** What decides whether the figure is the capacitor's. */
export function MeterQuestions({ record, change }: Props) {
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-4">
      <YesNo
        legend="Disconnected on at least one side"
        value={record.isIsolated}
        onValue={(isIsolated) => change((r) => ({ ...r, isIsolated }))}
      />
      <YesNo legend="The figure settled" value={record.settles} onValue={(settles) => change((r) => ({ ...r, settles }))} />
    </div>
  );
}
