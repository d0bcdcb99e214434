"use client";
import { PickOne } from "@/components/Choice";
import { useState } from "react";
import { LabelCard, type LabelSaid } from "./LabelCard";

const SHEETS = [
  { id: "roll", label: "One label, 62 × 29 mm" },
  { id: "a4", label: "A4 sheet" },
] as const;

/** Labels on paper: one a page of the label printer, or as many as an A4 sheet takes. */
export function LabelPaper({ labels, back }: { labels: readonly LabelSaid[]; back: { readonly href: string; readonly label: string } }) {
  const [sheet, setSheet] = useState<"roll" | "a4">("roll");
  return (
    <div className="min-h-dvh bg-sheet print:bg-white">
      <div className="no-print flex flex-wrap items-end gap-3 border-b-[1.5px] border-ink px-4 py-2">
        <button type="button" className="btn btn-filled" onClick={() => window.print()}>
          Print
        </button>
        <a className="btn" href={back.href}>
          {back.label}
        </a>
        <PickOne legend="On" options={SHEETS} picked={sheet} onPick={(next) => setSheet(next ?? sheet)} />
      </div>
      <main className="p-4 print:p-0">
        <h1 className="no-print mb-3 text-[24px] font-bold">Labels</h1>
        {labels.length === 0 ? (
          <p className="no-print">Nothing to label yet: say at Out and in what becomes of the part that came out.</p>
        ) : null}
        <div className={sheet === "a4" ? "flex flex-wrap gap-[2mm]" : "on-roll flex flex-col gap-3 print:block"}>
          {labels.map((label, index) => (
            <LabelCard key={`${label.heading} ${index}`} {...label} />
          ))}
        </div>
      </main>
    </div>
  );
}
