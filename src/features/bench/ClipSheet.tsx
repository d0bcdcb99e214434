"use client";
import { useState } from "react";
import { openPage } from "@/components/open-page";
import Sheet from "@/components/Sheet";
import type { StationId } from "@/core/stations";
import type { TravellerId } from "@/records";
import { clipBench } from "@/store/bench-draft";
import { useCards, useHouse, type KeptCard } from "@/store/queries";
import { createTraveller } from "@/store/write";
import { dayAndTime } from "../vocabulary/clock";
import { STATION_LABELS } from "../stations/labels";

/** Open cards to clip the check to. One that has something there already asks a second press. */
export default function ClipSheet({ station, onClose }: { station: StationId; onClose: () => void }) {
  const answer = useCards();
  const house = useHouse();
  const [asked, setAsked] = useState<TravellerId | null>(null);
  const [now] = useState(() => new Date());
  const cards = answer.state === "ready" ? answer.value.filter(({ traveller }) => traveller.finishedAt === null) : [];
  const title = STATION_LABELS[station].title.toLowerCase();
  const clip = async (id: TravellerId | null): Promise<void> => {
    if (id !== null && (await clipBench(station, id))) openPage(`/traveller?id=${id}&station=${station}`);
  };
  const press = ({ traveller, entries }: KeptCard): void => {
    if (entries[station] && asked !== traveller.id) setAsked(traveller.id);
    else void clip(traveller.id);
  };
  return (
    <Sheet title="Clip to a card" onClose={onClose}>
      <p>
        <button type="button" className="btn btn-filled" onClick={() => void createTraveller("", [], house?.technician ?? "").then(clip)}>
          A new card
        </button>
      </p>
      <ul className="mt-3">
        {cards.map((card) => (
          <li key={card.traveller.id} className="border-b border-rule-faint">
            <button type="button" className="block min-h-[52px] w-full py-1.5 text-left hover:bg-press-wash" onClick={() => press(card)}>
              <span className="block font-semibold">{card.traveller.machine || "Machine not named"}</span>
              <span className="caption block">
                {card.traveller.site || "no site"} · {dayAndTime(card.traveller.createdAt, now)}
                {card.entries[station] ? ` · has a ${title} reading` : ""}
              </span>
              {asked === card.traveller.id ? (
                <span role="alert" className="mt-1 block text-[14px] font-medium text-out">
                  This takes the place of what the card has there. Press again to do it.
                </span>
              ) : null}
            </button>
          </li>
        ))}
      </ul>
      {cards.length === 0 ? <p className="mt-3 text-ink-soft">No card is on the rack; a new one can be named later.</p> : null}
    </Sheet>
  );
}
