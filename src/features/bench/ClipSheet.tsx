"use client";
import { useState } from "react";
import { openPage } from "@/components/open-page";
import { ShowMore } from "@/components/LongList";
import Sheet from "@/components/Sheet";
import type { StationId } from "@/core/stations";
import type { TravellerId } from "@/records";
import { clipBench } from "@/store/bench-draft";
import { createTraveller } from "@/store/create-traveller";
import { useHouseBasics } from "@/store/house-basics";
import { useCount, useHaving, useNewest } from "@/store/summaries";
import { dayAndTime } from "../vocabulary/clock";
import { STATION_LABELS } from "../stations/labels";

/** Cards offered at once. */
const PAGE = 40;

/** Open cards to clip the check to. One that has something there already asks a second press. */
export default function ClipSheet({ station, onClose }: { station: StationId; onClose: () => void }) {
  const [shown, setShown] = useState(PAGE);
  const answer = useNewest(1, shown);
  const count = useCount(1, shown + 1);
  const house = useHouseBasics();
  const [asked, setAsked] = useState<TravellerId | null>(null);
  const [now] = useState(() => new Date());
  const cards = answer.state === "ready" ? answer.value : [];
  const having = useHaving(
    station,
    cards.map(({ id }) => id),
  );
  const title = STATION_LABELS[station].title.toLowerCase();
  const clip = async (id: TravellerId | null): Promise<void> => {
    if (id !== null && (await clipBench(station, id))) openPage(`/traveller?id=${id}&station=${station}`);
  };
  const press = (id: TravellerId): void => {
    // Until it is known what the cards have, nothing is put over it.
    if (having === null) return;
    if (having.has(id) && asked !== id) setAsked(id);
    else void clip(id);
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
          <li key={card.id} className="border-b border-rule-faint">
            <button type="button" className="block min-h-[52px] w-full py-1.5 text-left hover:bg-press-wash" onClick={() => press(card.id)}>
              <span className="block font-semibold">{card.machine || "Machine not named"}</span>
              <span className="caption block">
                {card.site || "no site"} · {dayAndTime(card.createdAt, now)}
                {having?.has(card.id) ? ` · has a ${title} reading` : ""}
              </span>
              {asked === card.id ? (
                <span role="alert" className="mt-1 block text-[14px] font-medium text-out">
                  This takes the place of what the card has there. Press again to do it.
                </span>
              ) : null}
            </button>
          </li>
        ))}
      </ul>
      <ShowMore total={count.state === "ready" ? count.value : 0} shown={cards.length} page={PAGE} onShow={() => setShown(shown + PAGE)} />
      {answer.state === "ready" && cards.length === 0 ? (
        <p className="mt-3 text-ink-soft">No card is on the rack; a new one can be named later.</p>
      ) : null}
    </Sheet>
  );
}
