"use client";
import { lazy, Suspense } from "react";
import type { InstrumentProps } from "../../station/contract";
import { EntryField } from "@/features/form/EntryField";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { sectionName, type CapacitorDetail } from "./sentences";
import { withAt } from "./words";

/** Asked only where a meter ran over its range. */
const OverLimitQuestion = lazy(() => import("./OverLimitQuestion"));

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** What the capacitance meter shows, one field a section; a dual says between which terminals. */
export function MeterFields(props: Props) {
  const { record, assessment, house, change } = props;
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
          <OverLimitQuestion {...props} />
        </Suspense>
      ) : null}
    </>
  );
}

/** What decides whether the figure is the capacitor's. */
export const MeterQuestions = (props: Props) => <Fields of={ROWS} show={["isIsolated", "settles"]} given={props} in="row" />;
