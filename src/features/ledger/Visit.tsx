import { PageLink } from "@/components/PageLink";
import type { TravellerId } from "@/records";
import type { Summary } from "@/store/summary";
import { LineStamp } from "../cards/LineStamp";
import { dayAndTime } from "../vocabulary/clock";

/** One line of the ledger; a summary that is still being read leaves its place. */
export function Visit({ id, card, now }: { id: TravellerId | undefined; card: Summary | undefined; now: Date }) {
  return (
    <PageLink
      href={`/traveller?id=${id ?? ""}`}
      className="grid min-h-[55px] grid-cols-[1fr_auto] items-center gap-x-4 py-1.5 hover:bg-press-wash"
    >
      <span className="min-w-0">
        <span className="font-semibold">{card ? card.machine.trim() || "Machine not named yet" : "…"}</span>{" "}
        <span className="caption">
          {card ? [card.site.trim(), dayAndTime(card.createdAt, now), card.technician.trim()].filter(Boolean).join(" · ") : ""}
        </span>
        <span className="block truncate text-[14px]">{card?.line?.complaint ?? "\u00a0"}</span>
      </span>
      {card ? <LineStamp card={card} /> : null}
    </PageLink>
  );
}
