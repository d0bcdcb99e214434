"use client";
import { PickOne, YesNo } from "@/components/Choice";
import type { OverLimit } from "@/core/stations/capacitor";
import type { InstrumentProps } from "../../station/contract";
import { useIntoView } from "../shared/asking";
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
  const fields = names.map((name, index) => (
    <EntryField
      key={index}
      label={name}
      quantity="capacitance"
      entry={record.readings[index] ?? null}
      house={house}
      size={names.length < 2 ? "large" : "normal"}
      slip={detail.state === "label" ? detail.sections[index]?.slips.meter : null}
      slipWhy="the label"
      onEntry={(entry) => change((r) => ({ ...r, readings: withAt(r.readings, index, entry, null) }))}
    />
  ));
  const hasOverLimit = detail.state === "label" && detail.sections.some(({ isOverLimit }) => isOverLimit);
  return (
    <>
      {fields}
      {hasOverLimit ? <OverLimitQuestion value={record.overLimit} onValue={(overLimit) => change((r) => ({ ...r, overLimit }))} /> : null}
    </>
  );
}

const OVER_LIMIT_OPTIONS: readonly { readonly id: OverLimit; readonly label: string }[] = [
  { id: "beyond-range", label: "Beyond this meter's range" },
  { id: "shorted", label: "Shorted: near zero on ohms" },
];

/** OL on the capacitance range is a large part on a small meter as often as a short: the person says which. */
export function OverLimitQuestion({ value, onValue }: { value: OverLimit | null; onValue: (value: OverLimit | null) => void }) {
  const ref = useIntoView<HTMLDivElement>(true);
  return (
    <div ref={ref} className="mt-2 scroll-mb-[260px] border-l-4 border-double border-close bg-close-wash px-3 py-2">
      <PickOne
        legend="OL: many meters end at 100 or 200 µF. Look on ohms, and say which"
        options={OVER_LIMIT_OPTIONS}
        picked={value}
        onPick={onValue}
      />
    </div>
  );
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
