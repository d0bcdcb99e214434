"use client";
import { FileDown } from "lucide-react";
import { PickOne } from "@/components/Choice";
import { useState } from "react";
import { download } from "@/components/download";
import { dayOf } from "../vocabulary/clock";
import { LabelCard } from "./LabelCard";
import { LABEL_SHEETS, labelsDocument, type LabelSheet } from "./labels-pdf";
import type { LabelSaid } from "./label-square";

const SHEETS = Object.values(LABEL_SHEETS).map(({ id, label }) => ({ id, label }));

/** Labels on paper: one a page of the label printer, or as many as an A4 sheet takes. */
export function LabelPaper({ labels, back }: { labels: readonly LabelSaid[]; back: { readonly href: string; readonly label: string } }) {
  const [sheet, setSheet] = useState<LabelSheet>("roll");
  const [hasFailed, setFailed] = useState(false);
  const savePdf = async (): Promise<void> => {
    try {
      const { setPdf } = await import("../papers/make-pdf");
      download(await setPdf(labelsDocument(labels, sheet)), `Labels_${dayOf(new Date())}.pdf`);
      setFailed(false);
    } catch {
      setFailed(true);
    }
  };
  return (
    <div className="min-h-dvh bg-sheet print:bg-white">
      <div className="no-print flex flex-wrap items-end gap-3 border-b-[1.5px] border-ink px-4 py-2">
        <button type="button" className="btn btn-filled" onClick={() => window.print()}>
          Print
        </button>
        <button type="button" className="btn" disabled={labels.length === 0} onClick={() => void savePdf()}>
          <FileDown aria-hidden="true" size={18} />
          Save as PDF
        </button>
        <a className="btn" href={back.href}>
          {back.label}
        </a>
        <PickOne legend="On" options={SHEETS} picked={sheet} onPick={(next) => setSheet(next ?? sheet)} />
      </div>
      <main className="p-4 print:p-0">
        {hasFailed ? (
          <p role="alert" className="no-print mb-3 text-[14px] text-out">
            The PDF could not be made on this device. Print the page, and choose “save as PDF” there.
          </p>
        ) : null}
        <h1 className="no-print mb-3 text-[24px] font-bold">Labels</h1>
        {labels.length === 0 ? (
          <p className="no-print">Nothing to label yet: say at Out and in what becomes of the part that came out.</p>
        ) : null}
        <div className={sheet !== "roll" ? "flex flex-wrap gap-[2mm]" : "on-roll flex flex-col gap-3 print:block"}>
          {labels.map((label, index) => (
            <LabelCard key={`${label.heading} ${index}`} {...label} />
          ))}
        </div>
      </main>
    </div>
  );
}
