"use client";
import { useState } from "react";
import { PageLink } from "@/components/PageLink";
import type { StationId } from "@/core/stations";
import { usePhoto } from "@/store/usePhoto";
import { SaidThen } from "../station/SaidThen";
import { STATION_LABELS } from "../stations/labels";
import { clockDay } from "../vocabulary/clock";
import type { LastStation, LastVisit } from "./card-answer";

interface YouWereHereProps {
  readonly last: LastVisit;
  readonly station: StationId;
  /** something is keyed here on this card */
  readonly hasRow: boolean;
  readonly onTake: (record: object) => void;
}

/** Where a visit begins: the last repair is told there. */
const BEGINNING: readonly StationId[] = ["complaint", "plate"];

/** The visit before this one, beside what is keyed now: read only, and never part of it unless it is taken over. */
export function YouWereHere({ last, station, hasRow, onTake }: YouWereHereProps) {
  const [isOpen, setOpen] = useState(false);
  const then = last.stations[station];
  const isBeginning = BEGINNING.includes(station);
  if (then === undefined && !isBeginning) return null;
  const day = clockDay(last.at);
  const { takes } = then ?? { takes: null };
  return (
    <aside aria-label={`Visit of ${day}`} className="flex flex-col gap-2 border-l-4 border-holds pl-3 text-[14px]">
      {isBeginning ? (
        <p>
          <b className="font-semibold">{last.isCallback ? `It came back from ${day}.` : `You were here on ${day}.`}</b>{" "}
          {last.repair.join(" ") || "Nothing was decided then."}{" "}
          <PageLink href={`/traveller?id=${last.id}`} className="text-press underline">
            That card
          </PageLink>{" "}
          ·{" "}
          <PageLink href={`/motor?card=${last.id}`} className="text-press underline">
            All visits
          </PageLink>
        </p>
      ) : null}
      {then ? (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <button type="button" className="btn btn-plain" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
            {STATION_LABELS[station].title} on {day}: {then.stampWord}
          </button>
          {takes !== null && !hasRow ? (
            <button type="button" className="btn" onClick={() => onTake(takes)}>
              {TAKES[station] ?? "Take it over"}
            </button>
          ) : null}
        </div>
      ) : null}
      {then && isOpen ? <Then then={then} /> : null}
    </aside>
  );
}

/** What is taken over: never a reading. */
const TAKES: Partial<Record<StationId, string>> = {
  plate: "Take the plate over",
  capacitor: "Take the label over",
  windings: "Take the board over",
  "start-gear": "Take its sort over",
  bearing: "Take the bearings over",
};

function Then({ then: { stamp, stampWord, said, photos } }: { then: LastStation }) {
  return (
    <div className="flex flex-col gap-1.5 border-t border-rule pt-2">
      <SaidThen stamp={stamp} stampWord={stampWord} said={said} />
      {photos.length > 0 ? (
        <div className="flex flex-wrap gap-2">
          {photos.map((photo) => (
            <OldPhoto key={photo} photo={photo} />
          ))}
        </div>
      ) : null}
    </div>
  );
}

function OldPhoto({ photo }: { photo: string }) {
  const source = usePhoto(photo);
  if (source === null) return null;
  if (source === "gone") return <p className="caption">A photo of then is not on this device.</p>;
  // A photo of the card itself: no server is asked for another size.
  // eslint-disable-next-line @next/next/no-img-element
  return <img src={source} alt="Photo of that visit" className="max-h-[220px] max-w-full border border-rule" />;
}
