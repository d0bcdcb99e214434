"use client";
import { useState } from "react";
import { isLoose } from "@/core/kept";
import { STATION_IDS, type StationId } from "@/core/stations";
import type { StationRecord } from "@/records";
import { useRowsOf } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import { usePhoto } from "@/store/usePhoto";
import { PageLink } from "@/components/PageLink";
import { photosOf, type CardPhoto } from "../print/CardPhotos";
import { STATION_LABELS } from "../stations/labels";
import { clockDay } from "../vocabulary/clock";

/** A note somebody wrote at a station. */
interface Note {
  readonly station: StationId;
  readonly text: string;
}

/** Notes anywhere in a record. */
function notesIn(value: unknown): string[] {
  if (Array.isArray(value)) return value.flatMap(notesIn);
  if (!isLoose(value)) return [];
  return Object.entries(value).flatMap(([field, each]) =>
    typeof each === "string" ? (field === "note" && each.trim() !== "" ? [each.trim()] : []) : notesIn(each),
  );
}

const notesOf = (rows: readonly StationRecord[]): Note[] =>
  STATION_IDS.flatMap((station) => notesIn(rows.find(({ stationId }) => stationId === station)?.data).map((text) => ({ station, text })));

/** What was written and photographed on the visits to a motor, the newest first. */
export default function NotesAndPhotos({ visits }: { visits: readonly Summary[] }) {
  const rows = useRowsOf(visits.map(({ id }) => id));
  if (rows.state !== "ready") return null;
  const found = [...visits].reverse().flatMap((visit) => {
    const own = rows.value.filter(({ travellerId }) => travellerId === visit.id);
    const entries = Object.fromEntries(own.map((row) => [row.stationId, { data: row.data, skippedReason: row.skippedReason }]));
    const [notes, photos] = [notesOf(own), photosOf({ entries: entries as Parameters<typeof photosOf>[0]["entries"] })];
    return notes.length + photos.length === 0 ? [] : [{ visit, notes, photos }];
  });
  if (found.length === 0) return null;
  return (
    <section aria-labelledby="notes-photos" className="mt-7">
      <h2 id="notes-photos" className="heading-rule">
        Notes and photos
      </h2>
      <ul>
        {found.map(({ visit, notes, photos }) => (
          <li key={visit.id} className="border-b border-rule-faint py-2">
            <PageLink href={`/traveller?id=${visit.id}`} className="text-[14px] font-semibold text-press underline">
              {clockDay(visit.createdAt)}
            </PageLink>
            {notes.map(({ station, text }, index) => (
              <p key={index} className="text-[14px] break-words whitespace-pre-line">
                <span className="caption">{STATION_LABELS[station].title}:</span> {text}
              </p>
            ))}
            {photos.length > 0 ? <Photos photos={photos} /> : null}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Photos({ photos }: { photos: readonly CardPhoto[] }) {
  const [large, setLarge] = useState<string | null>(null);
  return (
    <div className="mt-1 flex flex-wrap gap-2">
      {photos.map((photo) => (
        <Picture
          key={photo.photo}
          {...photo}
          isLarge={large === photo.photo}
          onPress={() => setLarge(large === photo.photo ? null : photo.photo)}
        />
      ))}
    </div>
  );
}

function Picture({ photo, of, isLarge, onPress }: CardPhoto & { isLarge: boolean; onPress: () => void }) {
  const picture = usePhoto(photo);
  if (picture === null) return <span className="block h-16 w-20 border border-rule" />;
  if (picture === "gone") return <span className="caption">Photo not on this device</span>;
  return (
    <button type="button" aria-pressed={isLarge} aria-label={`${isLarge ? "Smaller" : "Larger"}: ${of}`} onClick={onPress}>
      {/* eslint-disable-next-line @next/next/no-img-element -- a data address: nothing to optimise or fetch */}
      <img
        src={picture}
        alt={`Photo: ${of}`}
        className={`border border-rule ${isLarge ? "max-h-[60vh] max-w-full" : "h-16 w-20 object-cover"}`}
      />
    </button>
  );
}
