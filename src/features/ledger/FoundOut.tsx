"use client";
import { useState } from "react";
import { download } from "@/components/download";
import type { TravellerId } from "@/records";
import { createSiteNumbers } from "@/store/site-numbers";
import { attempt } from "@/store/storage-status";
import { readCards } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import { dayOf } from "../vocabulary/clock";
import { ExportButton } from "../files/ExportButton";

/** The same with a number for each site: the one that it has in the open file too, whose cards stand in the order of their ids. */
function numbered(cards: readonly Summary[]): readonly Summary[] {
  const numberOf = createSiteNumbers();
  return cards.toSorted((a, b) => (a.id < b.id ? -1 : 1)).map((card) => ({ ...card, site: numberOf(card.site) }));
}

/** What was found, as a file: one site, one motor, one month, whatever was asked for; with or without customers' names. */
export default function FoundOut({ cards, named }: { cards: readonly TravellerId[]; named: string }) {
  const [isNameless, setNameless] = useState(false);
  const saveReadings = () =>
    attempt(async () => {
      const [{ toReadingsCsv }, found] = await Promise.all([import("./readings-csv"), readCards(cards)]);
      download(
        toReadingsCsv(isNameless ? numbered(found.cards) : found.cards, found.rows),
        `${named}-readings-${dayOf(new Date())}.csv`,
        "text/csv",
      );
    });
  const saveParts = () =>
    attempt(async () => {
      const [{ toPartsCsv }, found] = await Promise.all([import("./parts-csv"), readCards(cards)]);
      download(toPartsCsv(isNameless ? numbered(found.cards) : found.cards), `${named}-parts-${dayOf(new Date())}.csv`, "text/csv");
    });
  if (cards.length === 0) return null;
  return (
    <div className="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2" role="group" aria-label="These visits as a file">
      <ExportButton
        what={{ cards, isNameless }}
        named={named}
        label={cards.length === 1 ? "Export this visit" : `Export these ${cards.length.toLocaleString("en")} visits`}
      />
      <button type="button" className="btn" onClick={() => void saveReadings()}>
        Readings as CSV
      </button>
      <button type="button" className="btn" onClick={() => void saveParts()}>
        Parts as CSV
      </button>
      <label className="flex min-h-[44px] items-center gap-3 text-[14px]">
        <input type="checkbox" className="h-5 w-5 accent-press" checked={isNameless} onChange={() => setNameless(!isNameless)} />
        Sites numbered, not named
      </label>
      {isNameless ? (
        <p className="caption basis-full">What was said, and notes, stay as they were written: read them before you give the file away.</p>
      ) : null}
    </div>
  );
}
