"use client";
import { useRef, useState } from "react";
import { FieldFlow } from "@/components/FieldFlow";
import { PickOne } from "@/components/Choice";
import { ReadButton } from "@/components/ReadButton";
import { MOTOR_TYPES, type MotorType } from "@/core/trade";
import { MOTOR_TYPE_WORDS } from "@/features/vocabulary/words";
import {
  CONNECTION_NOTES,
  connectionOf,
  describe,
  leftOutSentence,
  OPEN_WORDS,
  reversalSentence,
  type Convention,
} from "./connection-words";
import { ConnectionDrawing } from "./ConnectionDrawing";
import { savePng, saveSvg } from "./drawing-file";
import type { WindingsProps } from "./props";

const CONVENTIONS = [
  { id: "shaft", label: "Looking at the shaft end" },
  { id: "lead", label: "Looking at the lead end" },
] as const satisfies readonly { id: Convention; label: string }[];

const TYPES = MOTOR_TYPES.filter((id) => id !== "unknown").map((id) => ({ id, label: MOTOR_TYPE_WORDS[id] }));

/** How the settled board is connected, as a drawing to print and to keep. */
export function ConnectionPanel({ assessment, facts, record }: WindingsProps) {
  const { detail } = assessment;
  const svg = useRef<SVGSVGElement>(null);
  const [convention, setConvention] = useState<Convention>("shaft");
  const isFaulty = detail.isSettled && detail.elements.some((each) => each.isFaulty);
  const [picked, setPicked] = useState<MotorType | null>(null);
  const answer = connectionOf(detail, facts, picked);
  const types =
    facts.motorType === "unknown" ? (
      <PickOne legend="How it gets its start" options={TYPES} picked={picked} onPick={(type) => setPicked(type)} />
    ) : null;
  if (answer?.kind !== "drawn") {
    return (
      <div className="flex flex-col gap-4">
        <p className="max-w-[60ch] text-[16px]">
          {isFaulty
            ? "A winding at fault is not connected. The sketch says what is wrong."
            : answer?.kind === "open"
              ? OPEN_WORDS[answer.why]
              : detail.board?.state === "unknown"
                ? "No layout known here fits this board, so no connection is drawn: connect it by the motor's own diagram."
                : "No connection yet: it is drawn once every layout that fits gives the same. The sketch says what to measure next."}
        </p>
        {answer?.kind === "open" ? types : null}
      </div>
    );
  }
  const { connection } = answer;
  const leftOut = leftOutSentence(answer, detail.names);
  const reversal = reversalSentence(connection, detail.names, convention);
  return (
    <FieldFlow className="flex flex-col gap-4">
      <ConnectionDrawing
        ref={svg}
        connection={connection}
        names={detail.names}
        caption={`Direction ${convention === "shaft" ? "looking at the shaft end" : "looking at the lead end"}`}
      />
      <p className="text-[16px]">{reversal}</p>
      <ul className="flex max-w-[70ch] flex-col gap-1.5 text-[14px] text-ink-soft">
        <li>{describe(connection, detail.names)}.</li>
        {connection.notes.map((note) => (
          <li key={note}>{CONNECTION_NOTES[note]}</li>
        ))}
        {leftOut ? <li className="font-medium text-ink">{leftOut}</li> : null}
        {facts.motorType === "unknown" ? (
          <li>
            Drawn as {MOTOR_TYPE_WORDS[answer.type]}, {picked === null ? "by what was found on the board" : "as picked here"}: the plate
            says which it is.
          </li>
        ) : null}
      </ul>
      {types}
      <PickOne legend="Direction is named" options={CONVENTIONS} picked={convention} onPick={(id) => setConvention(id ?? "shaft")} />
      <div className="no-print flex flex-wrap gap-2">
        <ReadButton onPress={() => svg.current && saveSvg(svg.current, fileName(record.posts))}>Save as SVG</ReadButton>
        <ReadButton onPress={() => svg.current && void savePng(svg.current, fileName(record.posts))}>Save as PNG</ReadButton>
        <ReadButton onPress={() => window.print()}>Print</ReadButton>
      </div>
    </FieldFlow>
  );
}

const fileName = (posts: readonly { readonly name: string }[]): string =>
  `connection-${
    posts
      .map(({ name }) => name.trim().replace(/[^a-z0-9]+/gi, ""))
      .filter(Boolean)
      .join("-") || "board"
  }`.slice(0, 60);
