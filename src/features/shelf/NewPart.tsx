"use client";
import { readPlain } from "@/core/station";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import { readShelfLabel } from "@/core/capacitor";
import { addPart } from "@/store/parts";
import type { Failure } from "@/core/result";
import { toSentence } from "../messages/failure-sentences";

const EMPTY = { label: "", maker: "", place: "Truck", quantity: "1", price: "" };

/** The Shelf keeps capacitors: a motor or a bearing typed as one is refused, not stocked as what its figures look like. */
const refusalOf = (failure: Failure): string =>
  failure.code === "label-not-a-capacitor" ? `${toSentence(failure)} The Shelf keeps capacitors.` : toSentence(failure);

/** One open line: a label as printed puts a part on the shelf; size and terminals can follow. */
export function NewPart() {
  const [draft, setDraft] = useState(EMPTY);
  const [isAsked, setAsked] = useState(false);
  const parsed = readShelfLabel(draft.label);
  const quantity = readPlain(draft.quantity, "pieces").value;
  const price = readPlain(draft.price === "" ? "0" : draft.price, "shelfPrice").value;
  const set = (part: Partial<typeof draft>) => setDraft((now) => ({ ...now, ...part }));
  const add = async (): Promise<void> => {
    setAsked(true);
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
        problem={isAsked && !parsed.ok ? refusalOf(parsed.failure) : null}
      />
      <LineField label="Maker" kind="word" text={draft.maker} onText={(maker) => set({ maker })} />
      <LineField label="Where" kind="word" text={draft.place} onText={(place) => set({ place })} />
      <LineField
        label="Pieces"
        text={draft.quantity}
        onText={(text) => set({ quantity: text })}
        isFigure
        problem={isAsked && quantity === null ? "A whole number, for example 2." : null}
      />
      <LineField
        label="Price each"
        text={draft.price}
        onText={(text) => set({ price: text })}
        isFigure
        problem={isAsked && price === null ? "A price, for example 8.80." : null}
      />
      <button type="submit" className="btn btn-filled sm:mt-4">
        Put on the shelf
      </button>
    </form>
  );
}
