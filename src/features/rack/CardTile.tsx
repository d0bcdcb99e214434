import { memo } from "react";
import { PageLink } from "@/components/PageLink";
import type { Summary } from "@/store/summary";
import { LineStamp } from "../cards/LineStamp";
import { dayAndTime } from "../vocabulary/clock";

/** Rows are read anew, and mostly say the same: a tile is drawn again where what it shows has changed. */
export const isSameTile = (a: { card: Summary; now: Date }, b: { card: Summary; now: Date }): boolean =>
  (["id", "touchedMs", "derivedBy", "machine", "site"] as const).every((field) => a.card[field] === b.card[field]);

/** One card: machine, site, complaint, where it stands, stamp so far. */
export const CardTile = memo(function CardTile({ card, now }: { card: Summary; now: Date }) {
  const { line } = card;
  return (
    <li>
      <PageLink
        href={`/traveller?id=${card.id}`}
        className="relative flex h-full min-h-[132px] flex-col border border-t-[1.5px] border-rule border-t-ink bg-sheet px-3.5 pt-3 pb-2.5 hover:bg-press-wash"
      >
        <span aria-hidden="true" className="absolute top-2.5 right-3 h-[11px] w-[11px] rounded-full border-[1.5px] border-ink bg-ground" />
        <h3 className="pr-6 text-[16px] font-semibold">{card.machine.trim() || "Machine not named yet"}</h3>
        <p className="caption">
          {[card.site.trim(), dayAndTime(card.createdAt, now)].filter(Boolean).join(" · ")}
          {card.isDemo ? " · demo" : ""}
        </p>
        {line ? (
          <>
            <p className="mt-1.5 text-[14px] font-medium">{line.complaint}</p>
            <p className="mt-0.5 line-clamp-3 text-[14px]">{line.stands}</p>
          </>
        ) : null}
        <p className="mt-auto pt-2">
          <LineStamp card={card} />
        </p>
      </PageLink>
    </li>
  );
}, isSameTile);
