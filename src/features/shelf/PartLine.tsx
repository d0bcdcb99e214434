"use client";
import { lazy, Suspense, useState } from "react";
import { formatMoney } from "@/core/quantity";
import { PART_STATE_WORDS } from "../vocabulary/swap-words";
import type { Part } from "@/records";
import { useLabelReader } from "./useLabelReader";

const PartFields = lazy(() => import("./PartFields"));
const PartTested = lazy(() => import("./PartTested"));

/** One line of the shelf; opened, every part of it can be changed, and is kept at once. */
export function PartLine({ part, onRemove }: { part: Part; onRemove: () => void }) {
  const [isOpen, setOpen] = useState(false);
  const [isAsked, setAsked] = useState(false);
  const reader = useLabelReader();
  const problem = reader?.problemOf(part.kind, part.label) ?? null;
  const size = [
    part.diameterMm && `⌀ ${part.diameterMm}`,
    part.heightMm && `${part.heightMm} mm high`,
    part.terminals && `${part.terminals} terminals`,
  ];
  const isLow = part.quantity < part.lowest;
  const state = part.state === "new" ? null : PART_STATE_WORDS[part.state];
  return (
    <li className="border-b border-rule-faint py-1.5">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1 basis-64">
          <p className="num text-[14px]">{part.label}</p>
          <p className="caption">
            {[part.maker, part.place, ...size, state, reader?.moreOf(part.kind, part.label, part.sheet)].filter(Boolean).join(" · ")}
          </p>
          {part.tested ? (
            <button type="button" className="btn btn-plain" aria-expanded={isAsked} onClick={() => setAsked(!isAsked)}>
              {isAsked ? "Hide what it read" : "When tested, and what it read"}
            </button>
          ) : null}
          {part.tested && isAsked ? (
            <Suspense>
              <PartTested tested={part.tested} photo={part.photo} of={part.label} />
            </Suspense>
          ) : null}
          {problem ? <p className="text-[13.5px] text-out">{problem}</p> : null}
        </div>
        <p className="num text-[13.5px]">
          {part.quantity} × {formatMoney(part.price)}
          {isLow ? <span className="ml-2 font-sans font-semibold text-close">to buy: {part.lowest - part.quantity}</span> : null}
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
