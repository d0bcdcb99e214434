import { PageLink } from "@/components/PageLink";
import { Stamp } from "@/components/Stamp";
import { dayAndTime } from "../vocabulary/clock";
import type { KeptCard } from "@/store/queries";
import type { CardFacts } from "./card";

/** One card: machine, site, complaint, where it stands, stamp so far. */
export function CardTile({ card, facts, now }: { card: KeptCard; facts: CardFacts; now: Date }) {
  const { traveller } = card;
  return (
    <li>
      <PageLink
        href={`/traveller?id=${traveller.id}`}
        className="relative flex h-full min-h-[132px] flex-col border border-t-[1.5px] border-rule border-t-ink bg-sheet px-3.5 pt-3 pb-2.5 hover:bg-press-wash"
      >
        <span aria-hidden="true" className="absolute top-2.5 right-3 h-[11px] w-[11px] rounded-full border-[1.5px] border-ink bg-ground" />
        <h3 className="pr-6 text-[16px] font-semibold">{traveller.machine.trim() || "Machine not named yet"}</h3>
        <p className="caption">
          {[traveller.site.trim(), dayAndTime(traveller.createdAt, now)].filter(Boolean).join(" · ")}
          {traveller.isDemo ? " · demo" : ""}
        </p>
        <p className="mt-1.5 text-[14px] font-medium">{facts.complaint}</p>
        <p className="mt-0.5 line-clamp-3 text-[14px]">{facts.stands}</p>
        <p className="mt-auto pt-2">
          <Stamp tone={facts.stamp}>{facts.stampWord}</Stamp>
        </p>
      </PageLink>
    </li>
  );
}
