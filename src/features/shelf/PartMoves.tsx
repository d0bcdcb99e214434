"use client";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import { useMoment } from "@/components/useNow";
import { EPOCH } from "@/core/kept";
import { readPlain } from "@/core/station";
import { countOf, voidCountings } from "@/core/stock";
import type { PartMove } from "@/records";
import { addPieces, useMoves } from "@/store/parts";
import { dayAndTime } from "../vocabulary/clock";

/** Shown at once. */
const SHOWN = 6;

const MOVE_WORDS: Readonly<Record<PartMove["kind"], (move: PartMove) => string>> = {
  counted: ({ counted, by }) => `counted ${counted ?? 0}${by === 0 ? "" : `, ${Math.abs(by)} ${by > 0 ? "more" : "fewer"} than thought`}`,
  taken: ({ by }) => `took ${-by}`,
  "put-back": ({ by }) => `put ${by} back`,
  bought: ({ by }) => `${by} came in`,
};

/** What became of the pieces of a line, and those that come in. */
export default function PartMoves({ id }: { id: string }) {
  const kept = useMoves(id);
  const now = useMoment();
  const [text, setText] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const moves = kept.state === "ready" ? kept.value : [];
  const isVoid = new Set(voidCountings(moves).map((move) => move.id));
  const short = Math.max(0, -countOf(moves));
  const add = async (): Promise<void> => {
    const pieces = readPlain(text, "pieces").value;
    if (pieces === null || pieces < 1) return setProblem("Type how many came in: a whole number, for example 5.");
    setProblem(null);
    if (await addPieces(id, pieces)) setText("");
  };
  return (
    <div className="col-span-2 py-2 sm:col-span-4">
      {short > 0 ? (
        <p className="border-l-4 border-close pl-3 text-[14px]">
          {short} more {short === 1 ? "was" : "were"} taken than lay here. Count them, and type the number under Pieces.
        </p>
      ) : null}
      <div className="flex flex-wrap items-end gap-2">
        <div className="w-40">
          <LineField label="Came in" text={text} isFigure onText={setText} placeholder="for example 5" problem={problem} />
        </div>
        <button type="button" className="btn" onClick={() => void add()}>
          Add to the pieces
        </button>
      </div>
      <ul className="mt-1">
        {moves.slice(0, SHOWN).map((move) => (
          <li key={move.id} className="caption">
            {move.at === EPOCH ? "At first" : dayAndTime(move.at, now)}
            {move.who.trim() === "" ? "" : `, ${move.who}`}: {MOVE_WORDS[move.kind](move)}
            {isVoid.has(move.id) ? " (somebody else counted later: that holds)" : ""}
          </li>
        ))}
      </ul>
      {moves.length > SHOWN ? <p className="caption">{moves.length - SHOWN} before these.</p> : null}
    </div>
  );
}
