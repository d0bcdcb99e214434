"use client";
import { SWAP_TABLE, type IncomingVerdict } from "@/core/exchange";
import { formatMoney } from "@/core/quantity";
import { BLANK_PIECE, offerOf, placeOfWork, type PieceOffer, type Piece } from "@/core/stations/out-in";
import { MATCH_VERDICT_WORDS } from "@/features/vocabulary/match-words";
import { PART_STATE_WORDS } from "@/features/vocabulary/swap-words";
import { NOT_TAKEN } from "@/features/vocabulary/taken-words";
import { testedWords } from "@/features/vocabulary/tested-words";
import type { Part } from "@/records";
import { takePiece } from "@/store/part-counts";
import { useParts } from "@/store/parts";
import { useState } from "react";
import { onCard } from "./on-card";
import type { PairProps } from "./props";

const CANNOT_TELL = "Cannot be told from what is known";

interface ShelfOffer extends PieceOffer {
  readonly part: Part;
  readonly piece: Piece;
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

const pieceOf = (part: Part, takenAt: string | null): Piece => ({
  ...BLANK_PIECE,
  label: part.label,
  source: part.tested?.donor ? `${part.place}, from ${part.tested.donor}` : part.place,
  price: part.price.toFixed(2),
  sheet: part.sheet,
  shelfId: part.id,
  takenAt,
});

function saidOf({ incoming, isTooSmall }: PieceOffer): string {
  const judged = incoming.pieces.at(-1);
  if (isTooSmall) return "Too small alone: joined with another it may do";
  if (judged?.kind === "start-gear" || judged?.kind === "other") return CANNOT_TELL;
  if (judged?.kind === "bearing" && judged.stamps.some(({ differences }) => differences.length > 0))
    return "Same size; its seals or clearance differ";
  if (judged?.kind === "motor") return MATCH_VERDICT_WORDS[judged.match.overall];
  return incoming.pieces.length > 1 && judged?.kind === "capacitor"
    ? "Makes the value, joined in parallel"
    : SAID[judged?.verdict ?? "unsure"];
}

/** A line of the shelf held against the place, as it would be once it was taken. */
function shelfOffer(part: Part, { work, record, facts, assessment, house }: PairProps): ShelfOffer {
  const piece = pieceOf(part, null);
  const offer = offerOf(work.action, work.exchange, piece, placeOfWork(record, assessment.detail.question, facts, house.figures));
  const judged = offer.incoming.pieces.at(-1);
  // Of start gear and other parts nothing is judged by the label alone.
  const isLabelled = judged?.kind !== "start-gear" && judged?.kind !== "other";
  const verdict = judged?.kind === "bearing" || !isLabelled ? judged?.verdict : offer.incoming.verdict;
  const rank = offer.isTooSmall || !isLabelled ? 1 : verdict === "wrong" ? 2 : verdict === "unsure" ? 1 : 0;
  return { ...offer, part, piece, rank, said: rank === 2 ? SAID.wrong : saidOf(offer) };
}

const SHOWN = 8;

/** What of its kind lies on the shelf, what fits first; one press takes a piece. */
export default function FromShelf(props: PairProps & { readonly onDone: () => void }) {
  const { work, record, onDone, house, facts, assessment, weighed } = props;
  const parts = useParts();
  const [problem, setProblem] = useState<string | null>(null);
  const { kind } = SWAP_TABLE[work.action];
  if (parts.state !== "ready") return <p className="text-ink-soft">Looking on the Shelf.</p>;
  const offers = parts.value
    .filter((part) => part.kind === kind && part.quantity > 0 && part.state !== "for-parts")
    .map((part) => shelfOffer(part, props))
    .sort((a, b) => a.rank - b.rank || a.part.price - b.part.price);
  const card = onCard(weighed, work.action);
  const take = async ({ part, replaced }: ShelfOffer): Promise<void> => {
    if (card === null) return;
    const place = placeOfWork(record, assessment.detail.question, facts, house.figures);
    const taken = await takePiece(
      part.id,
      card((each, at) => {
        const { pieces } = offerOf(work.action, each, pieceOf(part, at), place);
        return { ...each, pieces: [...pieces] };
      }),
      replaced.flatMap(({ shelfId }) => shelfId ?? []),
    );
    if (taken !== "taken") return setProblem(NOT_TAKEN[taken]);
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
    </div>
  );
}
