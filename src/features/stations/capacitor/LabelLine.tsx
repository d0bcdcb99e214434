"use client";
import { lazy, Suspense, useState } from "react";
import { PickOne } from "@/components/Choice";
import { LineField } from "@/components/LineField";
import { suggestStartRanges, terminalNames } from "@/core/capacitor";
import { toSentence } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../../station/contract";
import { LabelDrawing } from "./LabelDrawing";
import { typeLabel } from "@/core/stations/capacitor";
import { labelReadBack, type CapacitorDetail } from "./sentences";

const LabelCorrections = lazy(() => import("./LabelCorrections"));
const PartThem = lazy(() => import("./PartThem"));
const PartsBefore = lazy(() => import("./PartsBefore"));

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** The label as printed, in one field; shown back as a drawn label whose parts can be put right. */
export function LabelLine(props: Props) {
  const { record, assessment, change } = props;
  const { detail } = assessment;
  const [isCorrecting, setCorrecting] = useState(false);
  const ranges = suggestStartRanges(record.label);
  const isTwo = detail.state === "no-label" && detail.failure?.code === "label-two-parts" && record.second.label.trim() === "";
  const setLabel = (label: string) => change((r) => typeLabel(r, label));
  return (
    <div className="flex min-w-0 flex-col gap-2">
      <LineField
        label="Label, as printed"
        text={record.label}
        onText={setLabel}
        example="35 µF ±6 % 440 V"
        isFigure
        size="large"
        isAutoFocused={record.label === ""}
        problem={detail.state === "no-label" && detail.failure ? toSentence(detail.failure) : null}
      />
      {record.previous.length > 0 || (detail.state === "label" && detail.relabelledFrom !== null) ? (
        <Suspense>
          <PartsBefore {...props} />
        </Suspense>
      ) : null}
      {isTwo ? (
        <Suspense>
          <PartThem record={record} change={change} />
        </Suspense>
      ) : null}
      {ranges.length > 0 ? (
        <p className="flex flex-wrap items-center gap-1.5 text-[13px]" aria-label="Printed start ranges">
          <span className="caption">Start range?</span>
          {ranges.map(([low, high]) => (
            <button
              key={low}
              type="button"
              className="num min-h-[36px] border border-press px-2 text-[12.5px] text-press max-md:min-h-[44px]"
              onClick={() => setLabel(`${low}-${high} µF`)}
            >
              {low}–{high}
            </button>
          ))}
        </p>
      ) : null}
      {detail.state === "label" ? (
        <>
          <LabelDrawing label={detail.label} description={labelReadBack(detail)} />
          <p className="beside-figure caption flex flex-wrap items-center gap-x-2">
            <span>
              {detail.label.kind === "run" ? "Run" : "Start"} part: {detail.label.kindReason}.
              {detail.sections[0]?.limits?.origin === "house-rule" ? " No tolerance on the label: the house rule sets the limits." : ""}
              {detail.label.notes.length > 0 ? ` Kept as a note: ${detail.label.notes.join(" ")}.` : ""}
            </span>
            <button
              type="button"
              className="min-h-[44px] font-semibold text-press underline underline-offset-3"
              aria-expanded={isCorrecting}
              onClick={() => setCorrecting(!isCorrecting)}
            >
              {isCorrecting ? "Done correcting" : "Correct it"}
            </button>
          </p>
          {isCorrecting ? (
            <Suspense>
              <LabelCorrections record={record} detail={detail} change={change} />
            </Suspense>
          ) : null}
          {detail.label.sections.length > 1 ? (
            <PickOne
              legend="Terminal that feeds this motor"
              options={terminalNames(detail.label).map((name) => ({ id: name, label: name }))}
              picked={record.feeds === "" ? null : record.feeds}
              onPick={(feeds) => change((r) => ({ ...r, feeds: feeds ?? "" }))}
            />
          ) : null}
        </>
      ) : null}
    </div>
  );
}
