"use client";
import { FindField, ShowMore } from "@/components/LongList";
import { PickOne } from "@/components/Choice";
import { PART_KINDS } from "@/core/exchange/swap-table";
import { lazy, Suspense, useState } from "react";
import type { Part } from "@/records";
import { removePart, useParts } from "@/store/parts";
import { PART_KIND_WORDS, PART_STATE_WORDS } from "../vocabulary/swap-words";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { NewPart } from "./NewPart";
import { PartLine } from "./PartLine";
import { useLabelReader } from "./useLabelReader";

const ReadLabel = lazy(() => import("../labels/ReadLabel"));
const UsedParts = lazy(() => import("./UsedParts"));
const ShelfFiles = lazy(() => import("./ShelfFiles"));

/** What else can be done here, each fetched when it is opened. */
const TOOLS = [
  { id: "label", label: "Read a label" },
  { id: "used", label: "Used, and to buy" },
  { id: "files", label: "CSV" },
] as const;

const PAGE = 100;
const SHOWN_KINDS = [...PART_KINDS, "to-buy"] as const;
type ShownKind = (typeof SHOWN_KINDS)[number];

/** What a line is found by. */
const wordsOf = ({ label, maker, place, kind, state, note, tested }: Part): string =>
  [label, maker, place, PART_KIND_WORDS[kind].one, PART_STATE_WORDS[state], note, tested?.donor ?? ""].join(" ").toLowerCase();
const AT_HAND = [
  { label: "New part", to: "form input:not([type=search])" },
  { label: "Find", to: "input[type=search]" },
] as const;

/** Parts at hand, each by what its kind is known by: what a place is filled from. */
export function ShelfScreen() {
  const answer = useParts();
  return (
    <Screen at="/shelf" actions={AT_HAND}>
      <h1 className="text-[24px] font-bold">Shelf</h1>
      <p className="mt-1 max-w-[64ch] text-[14px] text-ink-soft">
        Parts at hand. “What would fit” at a capacitor, Out and in, and Match choose from these lines.
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
  const [tool, setTool] = useState<(typeof TOOLS)[number]["id"] | null>(null);
  /** the line whose label was read */
  const [only, setOnly] = useState<string | null>(null);
  const [kind, setKind] = useState<ShownKind | null>(null);
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const isLow = ({ quantity, lowest }: Part): boolean => quantity < lowest;
  const ofKind = parts.filter((part) => kind === null || (kind === "to-buy" ? isLow(part) : part.kind === kind));
  const found = (only === null ? ofKind : parts.filter(({ id }) => id === only)).filter(
    (part) => only !== null || words.every((word) => wordsOf(part).includes(word)),
  );
  const kinds = SHOWN_KINDS.map((id) => ({
    id,
    label: `${id === "to-buy" ? "To buy" : PART_KIND_WORDS[id].many} ${parts.filter((part) => (id === "to-buy" ? isLow(part) : part.kind === id)).length}`,
  }));
  const reader = useLabelReader();
  const unread = reader ? parts.filter((part) => reader.problemOf(part.kind, part.label) !== null).length : 0;
  const remove = async (part: Part): Promise<void> => {
    const run = await removePart(part);
    if (run) setUndo({ label: part.label, run });
  };
  return (
    <div className="mt-4 flex flex-col gap-6">
      {/* A phone shows what is there first: a new line is one press away, under the thumb. */}
      <div className="max-lg:order-last">
        <NewPart />
      </div>
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
      <div className="flex flex-wrap gap-2">
        {TOOLS.map(({ id, label }) => (
          <button key={id} type="button" className="btn" aria-expanded={tool === id} onClick={() => setTool(tool === id ? null : id)}>
            {label}
          </button>
        ))}
      </div>
      {tool === "used" ? (
        <Suspense>
          <UsedParts parts={parts} />
        </Suspense>
      ) : null}
      {tool === "files" ? (
        <Suspense>
          <ShelfFiles parts={parts} />
        </Suspense>
      ) : null}
      {tool === "label" ? (
        <Suspense>
          <ReadLabel parts={parts} onPart={({ id }) => setOnly(id)} />
        </Suspense>
      ) : null}
      <section aria-labelledby="lines" data-usable>
        <div className="heading-rule flex-wrap">
          <h2 id="lines">
            On the shelf{" "}
            <span className="caption ml-2 font-normal">
              {parts.length} lines{unread > 0 ? `, ${unread} with a label that cannot be read` : ""}
            </span>
          </h2>
          <FindField
            text={find}
            onText={(text) => {
              setOnly(null);
              setFind(text);
            }}
          />
        </div>
        {only === null ? null : (
          <button type="button" className="btn btn-plain mt-2" onClick={() => setOnly(null)}>
            Show all lines again
          </button>
        )}
        <div className="mt-3">
          <PickOne
            legend="Show"
            options={kinds}
            picked={kind}
            onPick={(next) => {
              setOnly(null);
              setKind(next);
            }}
          />
        </div>
        {found.length === 0 ? (
          <p className="mt-3 text-ink-soft">
            {parts.length === 0
              ? "Nothing on the shelf yet. Type a label into a new line."
              : find.trim()
                ? `No line has “${find}”.`
                : "No line of this kind."}
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
