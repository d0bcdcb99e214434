"use client";
import { useState } from "react";
import { PickOne } from "@/components/Choice";
import { LineField } from "@/components/LineField";
import { PART_KINDS, type PartKind } from "@/core/exchange/swap-table";
import { addPart } from "@/store/parts";
import { LabelFromPhoto } from "../from-photo/LabelFromPhoto";
import { StampFromPhoto } from "../from-photo/StampFromPhoto";
import { PART_KIND_WORDS } from "../vocabulary/swap-words";
import type { LabelReader } from "./label-reader";
import { loadLabelReader, useLabelReader } from "./useLabelReader";

const EMPTY = { label: "", maker: "", place: "Truck", quantity: "1", price: "" };
const KINDS = PART_KINDS.map((id) => ({ id, label: PART_KIND_WORDS[id].one }));

/** What the first line of each kind is called, and how it looks. */
const FIRST_LINE: Record<PartKind, { readonly label: string; readonly example: string }> = {
  capacitor: { label: "Label, as printed", example: "10 µF ±5 % 450 V 50/60 Hz" },
  bearing: { label: "Number, as stamped", example: "6203-2RS C3" },
  motor: { label: "Motor, in a few words", example: "1/3 hp 1075 230 V, belly band" },
  "start-gear": { label: "Start gear, as printed", example: "Potential relay 180 V pick-up" },
  other: { label: "Part", example: "Belly band 142 mm" },
};

/** What is typed, as it is read. */
const readDraft = ({ problemOf, readPlain }: LabelReader, kind: PartKind, draft: typeof EMPTY) => ({
  problem: problemOf(kind, draft.label),
  quantity: readPlain(draft.quantity, "pieces").value,
  price: readPlain(draft.price === "" ? "0" : draft.price, "shelfPrice").value,
});

/** One open line: what its kind is known by puts a part on the shelf; the rest can follow. */
export function NewPart() {
  const [draft, setDraft] = useState(EMPTY);
  const [kind, setKind] = useState<PartKind>("capacitor");
  const [isAsked, setAsked] = useState(false);
  const reader = useLabelReader();
  const typed = reader && readDraft(reader, kind, draft);
  const set = (part: Partial<typeof draft>) => setDraft((now) => ({ ...now, ...part }));
  const add = async (): Promise<void> => {
    setAsked(true);
    const { problem, quantity, price } = readDraft(await loadLabelReader(), kind, draft);
    if (problem !== null || quantity === null || price === null) return;
    const { label, maker, place } = draft;
    if (await addPart({ kind, label: label.trim(), maker: maker.trim(), place: place.trim(), quantity, price })) {
      setDraft({ ...EMPTY, place: draft.place });
      setAsked(false);
    }
  };
  return (
    <form
      noValidate
      aria-label="New line"
      className="flex flex-col gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <PickOne legend="New line of" options={KINDS} picked={kind} onPick={(next) => setKind(next ?? kind)} />
      <div className="grid items-start gap-x-4 gap-y-2 sm:grid-cols-[minmax(0,2fr)_1fr_1fr_80px_100px_auto]">
        <LineField
          label={FIRST_LINE[kind].label}
          text={draft.label}
          onText={(label) => set({ label })}
          example={FIRST_LINE[kind].example}
          isFigure
          problem={isAsked && typed ? typed.problem : null}
        />
        <LineField label="Maker" kind="word" text={draft.maker} onText={(maker) => set({ maker })} />
        <LineField label="Where" kind="word" text={draft.place} onText={(place) => set({ place })} />
        <LineField
          label="Pieces"
          text={draft.quantity}
          onText={(text) => set({ quantity: text })}
          isFigure
          problem={isAsked && typed?.quantity === null ? "A whole number, for example 2." : null}
        />
        <LineField
          label="Price each"
          text={draft.price}
          onText={(text) => set({ price: text })}
          isFigure
          problem={isAsked && typed?.price === null ? "A price, for example 8.80." : null}
        />
        <button type="submit" className="btn btn-filled sm:mt-4">
          Put on the shelf
        </button>
      </div>
      {kind === "capacitor" || kind === "bearing" ? (
        <div>
          {kind === "capacitor" ? (
            <LabelFromPhoto label={draft.label} onLabel={(label) => set({ label })} />
          ) : (
            <StampFromPhoto stamped={draft.label} onStamped={(label) => set({ label })} />
          )}
        </div>
      ) : null}
    </form>
  );
}
