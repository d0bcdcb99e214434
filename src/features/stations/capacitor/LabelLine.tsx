"use client";
import { lazy, Suspense } from "react";
import { LineField } from "@/components/LineField";
import { toSentence } from "@/features/messages/failure-sentences";
import type { InstrumentProps } from "../../station/contract";
import { typeLabel } from "@/core/stations/capacitor";
import type { CapacitorDetail } from "./sentences";

/* The field stands at once; how it was understood comes right behind it. */
const LabelReadBack = lazy(() => import("./LabelReadBack"));
const StartRanges = lazy(() => import("./StartRanges"));
const PartThem = lazy(() => import("./PartThem"));
const PartsBefore = lazy(() => import("./PartsBefore"));
const LabelPhoto = lazy(() => import("./LabelPhoto"));

type Props = InstrumentProps<"capacitor", CapacitorDetail>;

/** The label as printed, in one field; shown back as a drawn label whose parts can be put right. */
export function LabelLine(props: Props) {
  const { record, assessment, change } = props;
  const { detail } = assessment;
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
      <div className="min-h-[44px]">
        <Suspense>
          <LabelPhoto record={record} change={change} onLabel={setLabel} />
        </Suspense>
      </div>
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
      <Suspense>
        <StartRanges text={record.label} onPick={setLabel} />
        {detail.state === "label" ? <LabelReadBack record={record} detail={detail} change={change} /> : null}
      </Suspense>
    </div>
  );
}
