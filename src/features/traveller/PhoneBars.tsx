"use client";
import { ChevronUp } from "lucide-react";
import { lazy, memo, Suspense, useRef, useState } from "react";
import { type StationId } from "@/core/stations";
import { Case } from "../line-up/case-later";
import type { CaseProps } from "../line-up/case-props";
import { usePainted } from "@/components/usePainted";
import { STATION_LABELS } from "../stations/labels";
import { RailAcross } from "./Rail";
import type { StationPlace } from "./card-answer";
import { stationsShown, Strip } from "./Strip";

const Sheet = lazy(() => import("@/components/Sheet"));
const SwipeUp = lazy(() => import("./SwipeUp"));

interface ProgressHeaderProps {
  readonly places: Readonly<Record<StationId, StationPlace>>;
  readonly station: StationId;
  readonly onGo: (station: StationId) => void;
}

/** On a phone the strip lies across the top; a tap opens it as a sheet. */
export const ProgressHeader = memo(function ProgressHeader({ places, station, onGo }: ProgressHeaderProps) {
  const [isOpen, setOpen] = useState(false);
  const shown = stationsShown(places, station);
  const at = shown.indexOf(station);
  return (
    <div className="no-print sticky top-0 z-20 border-b border-rule bg-ground lg:hidden">
      <button type="button" className="block w-full px-4 pt-1 text-left" aria-expanded={isOpen} onClick={() => setOpen(true)}>
        <span className="flex min-h-[22px] items-center justify-between text-[13px]">
          <span className="font-semibold">{STATION_LABELS[station].title}</span>
          <span className="text-ink-soft">
            station <span className="num">{at + 1}</span> of <span className="num">{shown.length}</span>
          </span>
        </span>
        <RailAcross stretches={shown.map((id) => places[id].stretch)} at={at} />
      </button>
      {isOpen ? (
        <Suspense>
          <Sheet title="Stations" onClose={() => setOpen(false)}>
            <Strip
              places={places}
              current={station}
              onGo={(id) => {
                setOpen(false);
                onGo(id);
              }}
            />
          </Sheet>
        </Suspense>
      ) : null}
    </div>
  );
});

/** On a phone the case is a bar at the foot: the next move, and the rest as a sheet. */
export const FootBar = memo(function FootBar(props: CaseProps) {
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
