"use client";
import { FindField, ShowMore } from "@/components/LongList";
import { useState } from "react";
import type { Part } from "@/records";
import { removePart, useParts } from "@/store/parts";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { NewPart } from "./NewPart";
import { PartLine } from "./PartLine";
import { useLabelReader } from "./useLabelReader";

const PAGE = 100;
const AT_HAND = [
  { label: "New part", to: "form input:not([type=search])" },
  { label: "Find", to: "input[type=search]" },
] as const;

/** Capacitors at hand, by their labels: what the bench holds against a place, and joins. */
export function ShelfScreen() {
  const answer = useParts();
  return (
    <Screen at="/shelf" actions={AT_HAND}>
      <h1 className="text-[24px] font-bold">Shelf</h1>
      <p className="mt-1 max-w-[64ch] text-[14px] text-ink-soft">
        Capacitors at hand. “What would fit” at a capacitor ranks these lines for its place, and makes a missing value from them.
      </p>
      {answer.state === "failed" ? (
        <CannotRead failure={answer.failure} />
      ) : answer.state === "ready" ? (
        <Shelf parts={answer.value} />
      ) : (
        <Reading />
      )}
    </Screen>
  );
}

function Shelf({ parts }: { parts: readonly Part[] }) {
  const [find, setFind] = useState("");
  const [shown, setShown] = useState(PAGE);
  const [undo, setUndo] = useState<{ readonly label: string; readonly run: () => Promise<boolean> } | null>(null);
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const found = parts.filter((part) => words.every((word) => `${part.label} ${part.maker} ${part.place}`.toLowerCase().includes(word)));
  const reader = useLabelReader();
  const unread = reader ? parts.filter(({ label }) => !reader.readShelfLabel(label).ok).length : 0;
  const remove = async (part: Part): Promise<void> => {
    const run = await removePart(part);
    if (run) setUndo({ label: part.label, run });
  };
  return (
    <div className="mt-4 flex flex-col gap-6">
      <NewPart />
      {undo ? (
        <p role="status" className="flex flex-wrap items-center gap-3">
          <span>
            Taken off the shelf: <span className="num text-[14px]">{undo.label}</span>
          </span>
          <button
            type="button"
            className="btn"
            onClick={() => {
              void undo.run();
              setUndo(null);
            }}
          >
            Put it back
          </button>
        </p>
      ) : null}
      <section aria-labelledby="lines" data-usable>
        <div className="heading-rule flex-wrap">
          <h2 id="lines">
            On the shelf{" "}
            <span className="caption ml-2 font-normal">
              {parts.length} lines{unread > 0 ? `, ${unread} with a label that cannot be read` : ""}
            </span>
          </h2>
          <FindField text={find} onText={setFind} />
        </div>
        {found.length === 0 ? (
          <p className="mt-3 text-ink-soft">
            {parts.length === 0 ? "Nothing on the shelf yet. Type a label above." : `No line has “${find}”.`}
          </p>
        ) : null}
        <ul>
          {found.slice(0, shown).map((part) => (
            <PartLine key={part.id} part={part} onRemove={() => void remove(part)} />
          ))}
        </ul>
        <ShowMore total={found.length} shown={shown} page={PAGE} onShow={setShown} />
      </section>
    </div>
  );
}
