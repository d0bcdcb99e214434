"use client";
import { lazy, memo, Suspense, useState } from "react";
import { type StationId } from "@/core/stations";
import { STATION_LABELS } from "../stations/labels";
import { RailAcross } from "./Rail";
import type { StationPlace } from "./card-answer";
import { stationsShown, Strip } from "./Strip";

const Sheet = lazy(() => import("@/components/Sheet"));

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
