"use client";
import { YesNo } from "@/components/Choice";
import { lazy, Suspense } from "react";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "../shared/EntryField";
import { sectionName, type CapacitorDetail } from "./sentences";
import { withAt } from "./words";

/** Asked only where a meter ran over its range. */
const OverLimitQuestion = lazy(() => import("./OverLimitQuestion"));

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
      {hasOverLimit ? (
        <Suspense>
          <OverLimitQuestion value={record.overLimit} onValue={(overLimit) => change((r) => ({ ...r, overLimit }))} />
        </Suspense>
      ) : null}
    </>
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
