"use client";
import { lazy, Suspense, useState } from "react";
import { formatMoney } from "@/core/quantity";
import type { Part } from "@/records";
import { useLabelReader } from "./useLabelReader";

const PartFields = lazy(() => import("./PartFields"));

/** One line of the shelf; opened, every part of it can be changed, and is kept at once. */
export function PartLine({ part, onRemove }: { part: Part; onRemove: () => void }) {
  const [isOpen, setOpen] = useState(false);
  const reader = useLabelReader();
  const parsed = reader?.readShelfLabel(part.label);
  const size = [
    part.diameterMm && `⌀ ${part.diameterMm}`,
    part.heightMm && `${part.heightMm} mm high`,
    part.terminals && `${part.terminals} terminals`,
  ];
  return (
    <li className="border-b border-rule-faint py-1.5">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1 basis-64">
          <p className="num text-[14px]">{part.label}</p>
          <p className="caption">
            {[part.maker, part.place, ...size].filter(Boolean).join(" · ")}
            {parsed?.ok ? ` · ${parsed.value.kind} part` : ""}
          </p>
          {reader && parsed && !parsed.ok ? <p className="text-[13.5px] text-out">{reader.toSentence(parsed.failure)}</p> : null}
        </div>
        <p className="num text-[13.5px]">
          {part.quantity} × {formatMoney(part.price)}
        </p>
        <button type="button" className="btn" aria-expanded={isOpen} aria-label={`Change ${part.label}`} onClick={() => setOpen(!isOpen)}>
          {isOpen ? "Done" : "Change"}
        </button>
        <button type="button" className="btn btn-plain" aria-label={`Take off ${part.label}`} onClick={onRemove}>
          Take off
        </button>
      </div>
      {isOpen ? (
        <Suspense>
          <PartFields part={part} />
        </Suspense>
      ) : null}
    </li>
  );
}
