"use client";
import type { FittedBearing } from "@/core/bearing";
import { judgeBearingIn, type IncomingVerdict } from "@/core/exchange";
import { formatMoney } from "@/core/quantity";
import { PART_STATE_WORDS } from "@/features/vocabulary/swap-words";
import { testedWords } from "@/features/vocabulary/tested-words";
import { useParts } from "@/store/parts";
import type { PanelProps } from "./props";

const RANK: Record<IncomingVerdict, number> = { right: 0, unmeasured: 0, "too-close": 1, unsure: 1, wrong: 2 };

/** Bearings of the shelf that are this one by their number: what of them lies there, and what it costs. */
export default function BearingsOnShelf({ fitted, house }: Pick<PanelProps, "house"> & { readonly fitted: FittedBearing }) {
  const parts = useParts();
  if (parts.state !== "ready") return <p className="caption">Looking on the Shelf.</p>;
  const found = parts.value
    .filter(({ kind, state }) => kind === "bearing" && state !== "for-parts")
    .map((part) => ({ part, incoming: judgeBearingIn(part.label, [fitted]) }))
    .filter(({ incoming }) => RANK[incoming.verdict] < 2 && incoming.stamps.some(({ number }) => number !== null))
    .sort((a, b) => RANK[a.incoming.verdict] - RANK[b.incoming.verdict] || a.part.price - b.part.price);
  if (found.length === 0) return <p className="text-[14px]">No {fitted.number} lies on the Shelf.</p>;
  return (
    <ul aria-label="On the Shelf">
      {found.map(({ part, incoming }) => (
        <li key={part.id} className="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-rule-faint py-1.5 text-[14px]">
          <span className="num">{part.label}</span>
          <span className="caption">
            {[
              part.place,
              incoming.verdict === "right" ? "" : "seals or clearance differ",
              part.state === "new" ? "" : PART_STATE_WORDS[part.state],
              part.quantity === 0 ? "none left" : `${part.quantity} × ${formatMoney(part.price)}`,
              part.tested ? testedWords(part.tested, house.figures.retestMonths) : "",
            ]
              .filter(Boolean)
              .join(" · ")}
          </span>
        </li>
      ))}
    </ul>
  );
}
