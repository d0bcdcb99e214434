"use client";
import { Stamp, type StampTone } from "@/components/Stamp";
import { SWAP_TABLE, type IncomingVerdict } from "@/core/exchange";
import { BLANK_PIECE, isBlankPiece, isNamedPiece, type Piece } from "@/core/stations/out-in";
import { clockTime } from "@/features/vocabulary/clock";
import { INCOMING_WORDS } from "@/features/vocabulary/swap-words";
import { lazy, Suspense, useState } from "react";
import type { ChangeRecord } from "../../station/contract";
import { togetherSentences } from "./incoming-words";
import { PieceIn } from "./PieceIn";
import type { PairProps } from "./props";

const FromShelf = lazy(() => import("./FromShelf"));

const TONES: Record<IncomingVerdict, StampTone> = {
  right: "holds",
  wrong: "out",
  "too-close": "too-close",
  unsure: "unsure",
  unmeasured: "open",
};

/** What goes in: each piece with its own label and reading, and what they come to together. */
export function PartsIn(props: PairProps) {
  const { work, onWork } = props;
  const { action, exchange, incoming } = work;
  const { pieces, fittedAt } = exchange;
  const [isPicking, setPicking] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const isSeveral = pieces.length > 1;
  const isNamed = pieces.some(isNamedPiece);
  const setPiece = (place: number, apply: ChangeRecord<Piece>) =>
    onWork((each, at) => ({ ...each, pieces: each.pieces.map((piece, index) => (index === place ? apply(piece, at) : piece)) }));
  const strike = (at: number) => onWork((each) => ({ ...each, pieces: each.pieces.filter((_, index) => index !== at) }));
  return (
    <div role="group" aria-label="In" className="flex min-w-0 flex-col gap-3">
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h3 className="caption">In</h3>
        {fittedAt === null ? (
          <button type="button" className="btn" aria-expanded={isPicking} onClick={() => setPicking(!isPicking)}>
            {isPicking ? "Leave the Shelf" : "From the Shelf"}
          </button>
        ) : null}
      </div>
      {isPicking && fittedAt === null ? (
        <Suspense fallback={<p className="text-ink-soft">Looking on the Shelf.</p>}>
          <FromShelf
            {...props}
            onDone={() => {
              setProblem(null);
              setPicking(false);
            }}
          />
        </Suspense>
      ) : null}
      {problem ? (
        <p role="alert" className="text-[14px] text-out">
          {problem}
        </p>
      ) : null}
      {pieces.map((piece, index) => (
        <PieceIn
          // Pieces have no names of their own; they keep their order.
          key={index}
          {...props}
          piece={piece}
          judged={incoming.pieces[index] ?? null}
          title={isSeveral ? `Piece ${index + 1}` : null}
          onPiece={(apply) => setPiece(index, apply)}
          onProblem={setProblem}
          onStrike={isSeveral && piece.shelfId === null ? () => strike(index) : null}
        />
      ))}
      {pieces.length < SWAP_TABLE[action].mostPieces && isNamed && !pieces.some(isBlankPiece) ? (
        <button
          type="button"
          className="btn self-start"
          onClick={() => onWork((each) => ({ ...each, pieces: [...each.pieces, BLANK_PIECE] }))}
        >
          Another piece
        </button>
      ) : null}
      {isNamed ? (
        <div role="status" aria-live="polite">
          <Stamp tone={TONES[incoming.verdict]}>{INCOMING_WORDS[incoming.verdict]}</Stamp>
          {togetherSentences(incoming.together).map((sentence) => (
            <p key={sentence} className="mt-1.5 text-[15px]">
              {sentence}
            </p>
          ))}
        </div>
      ) : null}
      {isNamed ? (
        <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
          <input
            type="checkbox"
            className="h-5 w-5 accent-press"
            checked={fittedAt !== null}
            onChange={() => onWork((each, at) => ({ ...each, fittedAt: each.fittedAt === null ? at : null }))}
          />
          <span className="flex-1">{isSeveral ? "All of it is in" : "It is in"}</span>
          <span className="num text-[13px] text-ink-soft">{fittedAt ? clockTime(fittedAt) : ""}</span>
        </label>
      ) : null}
    </div>
  );
}
