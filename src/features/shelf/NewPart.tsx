"use client";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import { addPart } from "@/store/parts";
import type { LabelReader } from "./label-reader";
import { loadLabelReader, useLabelReader } from "./useLabelReader";

const EMPTY = { label: "", maker: "", place: "Truck", quantity: "1", price: "" };

/** What is typed, as it is read. */
const readDraft = ({ readShelfLabel, readPlain }: LabelReader, draft: typeof EMPTY) => ({
  parsed: readShelfLabel(draft.label),
  quantity: readPlain(draft.quantity, "pieces").value,
  price: readPlain(draft.price === "" ? "0" : draft.price, "shelfPrice").value,
});

/** One open line: a label as printed puts a part on the shelf; size and terminals can follow. */
export function NewPart() {
  const [draft, setDraft] = useState(EMPTY);
  const [isAsked, setAsked] = useState(false);
  const reader = useLabelReader();
  const typed = reader && readDraft(reader, draft);
  const set = (part: Partial<typeof draft>) => setDraft((now) => ({ ...now, ...part }));
  const add = async (): Promise<void> => {
    setAsked(true);
    const { parsed, quantity, price } = readDraft(await loadLabelReader(), draft);
    if (!parsed.ok || quantity === null || price === null) return;
    const size = { diameterMm: null, heightMm: null, terminals: null };
    if (await addPart({ label: draft.label.trim(), maker: draft.maker.trim(), place: draft.place.trim(), quantity, price, ...size })) {
      setDraft({ ...EMPTY, place: draft.place });
      setAsked(false);
    }
  };
  return (
    <form
      noValidate
      aria-label="New line"
      className="grid items-start gap-x-4 gap-y-2 sm:grid-cols-[minmax(0,2fr)_1fr_1fr_80px_100px_auto]"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <LineField
        label="Label, as printed"
        text={draft.label}
        onText={(label) => set({ label })}
        placeholder="10 µF ±5 % 450 V 50/60 Hz"
        isFigure
        problem={isAsked && typed && !typed.parsed.ok ? reader.refusalOf(typed.parsed.failure) : null}
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
    </form>
  );
}
