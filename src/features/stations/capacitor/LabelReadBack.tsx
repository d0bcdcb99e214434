"use client";
import { lazy, Suspense, useState } from "react";
import { PickOne } from "@/components/Choice";
import { terminalNames } from "@/core/capacitor";
import type { InstrumentProps } from "../../station/contract";
import { LabelDrawing } from "./LabelDrawing";
import { labelReadBack } from "./label-read-back";
import type { CapacitorDetail, LabelDetail } from "./sentences";

const LabelCorrections = lazy(() => import("./LabelCorrections"));

type Props = Pick<InstrumentProps<"capacitor", CapacitorDetail>, "record" | "change"> & { readonly detail: LabelDetail };

/** The label as it was understood: drawn, in words, and each of its parts to be put right. */
export default function LabelReadBack({ record, detail, change }: Props) {
  const [isCorrecting, setCorrecting] = useState(false);
  return (
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
  );
}
