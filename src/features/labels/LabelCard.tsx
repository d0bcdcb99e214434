"use client";
import { Square } from "@/components/Square";
import { shortCode } from "@/core/exchange";
import { shownLines, squareText, type LabelSaid } from "./label-square";

/** One label of 62 × 29 mm: the square, what it is, and the code to type. */
export function LabelCard(label: LabelSaid) {
  const { id, heading, day } = label;
  const code = shortCode(id);
  const shown = shownLines(label);
  return (
    <article
      aria-label={`Label ${code}`}
      className="flex h-[29mm] w-[62mm] break-inside-avoid items-center gap-[2mm] overflow-hidden border border-rule bg-white p-[1.5mm] text-black print:border-0"
    >
      <Square text={squareText(label)} className="h-[25mm] w-[25mm]" />
      <div className="flex h-full min-w-0 flex-1 flex-col">
        <p className="text-[11px] leading-[1.15] font-bold">{heading}</p>
        <div className="min-h-0 flex-1 overflow-hidden text-[8.5px] leading-[1.2]">
          {shown.map((line) => (
            <p key={line} className="line-clamp-2 [overflow-wrap:anywhere]">
              {line}
            </p>
          ))}
        </div>
        <p className="flex items-baseline justify-between">
          <span className="num text-[12px] font-semibold">{code}</span>
          {day ? <span className="text-[8.5px]">{day}</span> : null}
        </p>
      </div>
    </article>
  );
}
