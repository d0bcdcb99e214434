"use client";
import { useRef, useState } from "react";
import { FieldFlow } from "@/components/FieldFlow";
import { PickOne } from "@/components/Choice";
import { ReadButton } from "@/components/ReadButton";
import { connectBoard, type Connection, type ConnectionNote } from "@/core/winding";
import { postName } from "./words";
import { describe } from "./connection-words";
import { ConnectionDrawing } from "./ConnectionDrawing";
import { savePng, saveSvg } from "./drawing-file";
import type { WindingsProps } from "./props";

const CONVENTIONS = [
  { id: "shaft", label: "Looking at the shaft end" },
  { id: "lead", label: "Looking at the lead end" },
] as const;
type Convention = (typeof CONVENTIONS)[number]["id"];

const NOTES: Record<ConnectionNote, string> = {
  "polarity-of-halves":
    "Two equal halves: side by side for the low voltage, end to end for the high. Ohms do not tell which ends belong together; wrong way round it hums, hardly turns and draws several times its amps. The plate decides; else try on reduced voltage, two seconds at most.",
  "protector-side":
    "The two posts of the protector read alike: ohms cannot tell the outer one. Fed on the inner one, the protector carries nothing and protects nothing; the motor's own diagram decides.",
  "mark-to-line": "Capacitor: the marked terminal to the line side, so that a short to its case blows the fuse.",
  "speeds-one-at-a-time": "L2 goes to one speed lead at a time; cap every unused one by itself.",
  "own-diagram-first": "The motor's own diagram comes first where there is one.",
};

function reversalSentence({ reversal }: Connection, names: readonly string[], convention: Convention): string {
  const looking = convention === "shaft" ? "named looking at the shaft end" : "named looking at the lead end";
  switch (reversal.kind) {
    case "swap":
      return `To reverse (${looking}): exchange the start winding's two ends, ${postName(names, reversal.posts[0])} and ${postName(names, reversal.posts[1])}; leave the main winding as it is.`;
    case "move-line":
      return `To reverse (${looking}): move L2 from ${postName(names, reversal.from)} to ${postName(names, reversal.to)}; the capacitor stays between them.`;
    case "inside":
      return `Not reversible at the leads (direction ${looking}): start and main winding are joined inside.`;
    case "mechanical":
      return `Not reversible by wires (direction ${looking}): a shaded-pole motor turns toward its shading ring. Some turn the other way with the rotor put in end for end.`;
  }
}

/** How the settled board is connected, as a drawing to print and to keep. */
export function ConnectionPanel({ assessment, facts, record }: WindingsProps) {
  const { detail } = assessment;
  const svg = useRef<SVGSVGElement>(null);
  const [convention, setConvention] = useState<Convention>("shaft");
  const isFaulty = detail.isSettled && detail.elements.some((each) => each.isFaulty);
  const connection = detail.isSettled && !isFaulty ? connectBoard(detail.elements, facts.motorType) : null;
  if (!connection) {
    return (
      <p className="max-w-[60ch] text-[16px]">
        {isFaulty
          ? "A winding at fault is not connected. The sketch says what is wrong."
          : detail.isSettled
            ? "This board has no connection that can be drawn: the motor's own diagram comes first."
            : detail.board?.state === "unknown"
              ? "No layout known here fits this board, so no connection is drawn: connect it by the motor's own diagram."
              : "No connection yet: it is drawn once every layout that fits gives the same. The sketch says what to measure next."}
      </p>
    );
  }
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
          <li key={note}>{NOTES[note]}</li>
        ))}
        {facts.motorType === "unknown" ? (
          <li>The type of motor is not known: a run capacitor is drawn. Pick the type at the plate.</li>
        ) : null}
      </ul>
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
