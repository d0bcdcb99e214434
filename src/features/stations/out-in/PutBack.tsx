"use client";
import { BLANK_PIECE, type PartExchange, type Piece } from "@/core/stations/out-in";
import { NOT_TAKEN } from "@/features/vocabulary/taken-words";
import { putPieceBack } from "@/store/part-counts";
import { onCard } from "./on-card";
import type { PairProps } from "./props";
import { pieceName } from "./words";

interface PutBackProps extends PairProps {
  readonly piece: Piece;
  readonly onProblem: (sentence: string | null) => void;
}

/** The exchange without a piece. */
function without({ shelfId, takenAt }: Piece, exchange: PartExchange): PartExchange {
  const left = exchange.pieces.filter((each) => each.shelfId !== shelfId || each.takenAt !== takenAt);
  return { ...exchange, pieces: left.length > 0 ? left : [BLANK_PIECE] };
}

/** Puts a piece of the Shelf back on its line, and off this card. */
export function PutBack({ piece, work, weighed, onWork, onProblem }: PutBackProps) {
  const { shelfId } = piece;
  const card = onCard(weighed, work.action);
  if (shelfId === null || card === null) return null;
  const putBack = async (): Promise<void> => {
    const back = await putPieceBack(
      shelfId,
      card((each) => without(piece, each)),
    );
    // What has no line any more comes off the card all the same.
    if (back === "line-gone") onWork((each) => without(piece, each));
    onProblem(back === "taken" ? null : back === "line-gone" ? "Its line is gone from the Shelf: put it on anew there." : NOT_TAKEN[back]);
  };
  return (
    <button type="button" className="btn btn-plain self-start" onClick={() => void putBack()}>
      Put {pieceName(piece)} back
    </button>
  );
}
