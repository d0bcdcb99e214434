"use client";
import { ChevronUp } from "lucide-react";
import { lazy, memo, Suspense, useRef, useState } from "react";
import { usePainted } from "@/components/usePainted";
import { Case } from "../line-up/case-later";
import type { CaseProps } from "../line-up/case-props";

const Sheet = lazy(() => import("@/components/Sheet"));
const SwipeUp = lazy(() => import("./SwipeUp"));

/** On a phone the case is a bar at the foot: the next move, and the rest as a sheet. */
export default memo(function FootBar(props: CaseProps) {
  const { words, finished, onGo } = props;
  const [isOpen, setOpen] = useState(false);
  const bar = useRef<HTMLDivElement>(null);
  const isPainted = usePainted();
  const next = words.next;
  const move = finished === null && next.kind === "go" ? next.move : null;
  return (
    <div
      ref={bar}
      className="foot-bar no-print fixed inset-x-0 bottom-0 z-20 flex min-h-[60px] touch-none items-stretch bg-press text-press-ink lg:hidden"
    >
      <button
        type="button"
        className="min-w-0 flex-1 px-3.5 py-2 text-left"
        onClick={() => (move ? onGo(move.target, move.method) : setOpen(true))}
      >
        <span className="block text-[12.5px] text-press-soft">{move ? `Next move · ${move.caption}` : "Next move"}</span>
        <span className="block truncate font-semibold">
          {finished ? "Signed off" : next.kind === "contradicted" ? "The proof contradicts" : (move?.title ?? "Sign off")}
        </span>
      </button>
      <button type="button" className="flex items-center gap-1 px-4 font-semibold" aria-expanded={isOpen} onClick={() => setOpen(true)}>
        Case <ChevronUp aria-hidden="true" size={18} />
      </button>
      {isPainted ? (
        <Suspense>
          <SwipeUp of={bar} onUp={() => setOpen(true)} />
        </Suspense>
      ) : null}
      {isOpen ? (
        <Suspense>
          <Sheet title="Case" onClose={() => setOpen(false)}>
            <Case
              {...props}
              onGo={(id, method) => {
                setOpen(false);
                onGo(id, method);
              }}
            />
          </Sheet>
        </Suspense>
      ) : null}
    </div>
  );
});
