"use client";
import { SWAP_TABLE, type IncomingVerdict } from "@/core/exchange";
import { BLANK_EXCHANGE, incomingFor } from "@/core/stations/out-in";
import { formatMoney } from "@/core/quantity";
import { MATCH_VERDICT_WORDS } from "@/features/vocabulary/match-words";
import { PART_STATE_WORDS } from "@/features/vocabulary/swap-words";
import type { Part } from "@/records";
import { putPieceBack, takePiece } from "@/store/part-counts";
import { useParts } from "@/store/parts";
import { useState } from "react";
import { NOT_TAKEN } from "@/features/vocabulary/taken-words";
import { testedWords } from "@/features/vocabulary/tested-words";
import type { PairProps } from "./props";

const CANNOT_TELL = "Cannot be told from what is known";

interface Offer {
  readonly part: Part;
  /** 0 fits, 1 cannot be told, 2 does not */
  readonly rank: 0 | 1 | 2;
  readonly said: string;
}

const SAID: Record<IncomingVerdict, string> = {
  right: "Same number",
  unmeasured: "Same value, volts enough",
  "too-close": CANNOT_TELL,
  unsure: CANNOT_TELL,
  wrong: "Another value, kind, volts or number",
};

/** A line of the shelf held against the place, as it would be once it was taken. */
function offerOf(part: Part, { work, facts, assessment, house }: PairProps): Offer {
  const taken = { ...BLANK_EXCHANGE, in: { ...BLANK_EXCHANGE.in, label: part.label, sheet: part.sheet } };
  const incoming = incomingFor(work.action, taken, assessment.detail.question, facts, house.figures);
  // Of start gear and other parts nothing is judged by the label alone.
  if (incoming.kind === "start-gear" || incoming.kind === "other") return { part, rank: 1, said: CANNOT_TELL };
  const rank = incoming.verdict === "wrong" ? 2 : incoming.verdict === "unsure" ? 1 : 0;
  if (incoming.kind === "bearing" && incoming.differences.length > 0)
    return { part, rank, said: "Same size; its seals or clearance differ" };
  return { part, rank, said: incoming.kind === "motor" ? MATCH_VERDICT_WORDS[incoming.match.overall] : SAID[incoming.verdict] };
}

const SHOWN = 8;

/** What of its kind lies on the shelf, what fits first; one press takes a piece. */
export default function FromShelf(props: PairProps & { readonly onDone: () => void }) {
  const { work, onWork, onDone, house } = props;
  const parts = useParts();
  const [problem, setProblem] = useState<string | null>(null);
  const { kind } = SWAP_TABLE[work.action];
  if (parts.state !== "ready") return <p className="text-ink-soft">Looking on the Shelf.</p>;
  const offers = parts.value
    .filter((part) => part.kind === kind && part.quantity > 0 && part.state !== "for-parts")
    .map((part) => offerOf(part, props))
    .sort((a, b) => a.rank - b.rank || a.part.price - b.part.price);
  const take = async ({ part }: Offer): Promise<void> => {
    const before = work.exchange.in;
    const taken = await takePiece(part.id);
    if (taken !== "taken") return setProblem(NOT_TAKEN[taken]);
    // What was taken before and is not used goes back.
    if (before.shelfId !== null && before.fittedAt === null) await putPieceBack(before.shelfId);
    onWork((each, at) => ({
      ...each,
      in: {
        ...each.in,
        label: part.label,
        source: part.tested?.donor ? `${part.place}, from ${part.tested.donor}` : part.place,
        price: String(part.price),
        sheet: part.sheet,
        reading: null,
        shelfId: part.id,
        takenAt: at,
        fittedAt: null,
      },
    }));
    onDone();
  };
  return (
    <div className="border-l-4 border-press pl-3">
      {problem ? (
        <p role="alert" className="mb-2 text-[14px] text-out">
          {problem}
        </p>
      ) : null}
      {offers.length === 0 ? <p className="text-[14px] text-ink-soft">Nothing of this kind lies on the Shelf.</p> : null}
      <ul>
        {offers.slice(0, SHOWN).map((offer) => (
          <li key={offer.part.id} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule-faint py-1">
            <div className="min-w-0 flex-1 basis-48">
              <p className="num text-[13.5px]">{offer.part.label}</p>
              <p className={`caption ${offer.rank === 2 ? "text-out" : ""}`}>
                {[
                  offer.said,
                  PART_STATE_WORDS[offer.part.state],
                  offer.part.place,
                  `${offer.part.quantity} × ${formatMoney(offer.part.price)}`,
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </p>
              {offer.part.tested ? <p className="caption">{testedWords(offer.part.tested, house.figures.retestMonths)}</p> : null}
            </div>
            {offer.rank === 2 ? null : (
              <button type="button" className="btn" aria-label={`Take ${offer.part.label}`} onClick={() => void take(offer)}>
                Take
              </button>
            )}
          </li>
        ))}
      </ul>
      {offers.length > SHOWN ? <p className="caption mt-1">{offers.length - SHOWN} more lie on the Shelf.</p> : null}
      {work.exchange.in.shelfId !== null && work.exchange.in.fittedAt === null ? (
        <button
          type="button"
          className="btn btn-plain mt-1"
          onClick={() => {
            const { shelfId } = work.exchange.in;
            if (shelfId === null) return;
            void putPieceBack(shelfId).then((back) => {
              if (back === "line-gone") setProblem("Its line is gone from the Shelf: put it on anew there.");
              if (back === "not-kept") return setProblem("It could not be put back on this device. Try again.");
              onWork((each) => ({
                ...each,
                in: { ...each.in, label: "", source: "", price: "", sheet: null, reading: null, shelfId: null, takenAt: null },
              }));
            });
          }}
        >
          Put {work.exchange.in.label} back
        </button>
      ) : null}
    </div>
  );
}
