"use client";
import { readPlain, type PlainFieldId } from "@/core/station";
import { lazy, Suspense, useState } from "react";
import { PickOne } from "@/components/Choice";
import { LineField, NoteField } from "@/components/LineField";
import { BLANK_SHEET } from "@/core/match";
import { MOST_PART_PHOTO_CHARACTERS, SHELF_STATES, type Part } from "@/records";
import { changeSheet, updatePart } from "@/store/parts";
import { PhotoButton } from "../photo/PhotoButton";
import PartMoves from "./PartMoves";
import { PartPhoto } from "./PartPhoto";
import { PART_STATE_WORDS } from "../vocabulary/swap-words";

/** A motor's alone. */
const SheetFields = lazy(async () => ({ default: (await import("../match/SheetFields")).SheetFields }));

type NumberField = "quantity" | "lowest" | "price" | "diameterMm" | "heightMm" | "terminals";

const NUMBERS: readonly {
  readonly field: NumberField;
  readonly label: string;
  readonly reads: PlainFieldId;
  readonly mayBeEmpty: boolean;
  readonly example: string;
}[] = [
  { field: "quantity", label: "Pieces", reads: "pieces", mayBeEmpty: false, example: "a whole number, for example 2" },
  { field: "lowest", label: "Hold at least", reads: "pieces", mayBeEmpty: false, example: "a whole number, for example 2" },
  { field: "price", label: "Price each", reads: "shelfPrice", mayBeEmpty: false, example: "a price, for example 8.80" },
  { field: "diameterMm", label: "Diameter, mm", reads: "millimetres", mayBeEmpty: true, example: "millimetres, for example 40" },
  { field: "heightMm", label: "Height, mm", reads: "millimetres", mayBeEmpty: true, example: "millimetres, for example 72" },
  { field: "terminals", label: "Terminals", reads: "terminals", mayBeEmpty: true, example: "a whole number, for example 4" },
];

/** Of a capacitor alone: a motor's are on its sheet, a bearing's in its number. */
const SIZES: readonly NumberField[] = ["diameterMm", "heightMm", "terminals"];
const STATES = SHELF_STATES.map((id) => ({ id, label: PART_STATE_WORDS[id] }));

/** Every part of a line, to be changed. */
export default function PartFields({ part }: { part: Part }) {
  // A figure that cannot be kept yet stays as typed, with what to type beside it.
  const [problem, setProblem] = useState<string | null>(null);
  const [unread, setUnread] = useState<Partial<Record<NumberField, string>>>({});
  const setNumber = ({ field, reads, mayBeEmpty }: (typeof NUMBERS)[number], text: string): void => {
    const isEmpty = text.trim() === "" && mayBeEmpty;
    const value = isEmpty ? null : readPlain(text, reads).value;
    const isRead = isEmpty || value !== null;
    setUnread((now) => ({ ...now, [field]: isRead ? undefined : text }));
    if (isRead) void updatePart(part.id, { [field]: value });
  };
  return (
    <div className="my-2 grid grid-cols-2 gap-x-4 gap-y-1 border-l-4 border-rule pl-3 sm:grid-cols-4">
      <div className="col-span-2 sm:col-span-4">
        <LineField
          label={part.kind === "capacitor" ? "Label, as printed" : "What it is"}
          text={part.label}
          isFigure
          onText={(label) => void updatePart(part.id, { label })}
        />
      </div>
      <LineField label="Maker" kind="word" text={part.maker} onText={(maker) => void updatePart(part.id, { maker })} />
      <LineField label="Where" kind="word" text={part.place} onText={(place) => void updatePart(part.id, { place })} />
      {NUMBERS.filter(({ field }) => part.kind === "capacitor" || !SIZES.includes(field)).map((spec) => (
        <LineField
          key={spec.field}
          label={spec.label}
          text={unread[spec.field] ?? String(part[spec.field] ?? "")}
          isFigure
          onText={(text) => setNumber(spec, text)}
          problem={unread[spec.field] === undefined ? null : `Type ${spec.example}.`}
        />
      ))}
      <PartMoves id={part.id} />
      <div className="col-span-2 flex flex-col gap-3 py-2 sm:col-span-4">
        <PickOne legend="It is" options={STATES} picked={part.state} onPick={(state) => state && void updatePart(part.id, { state })} />
        {part.kind === "motor" ? (
          <Suspense>
            <SheetFields
              record={part.sheet ?? BLANK_SHEET}
              change={(apply) => void changeSheet(part.id, (sheet) => apply(sheet, new Date().toISOString()))}
            />
          </Suspense>
        ) : null}
        {part.photo ? <PartPhoto photo={part.photo} of={part.label} /> : null}
        <div className="flex flex-wrap gap-2">
          <a className="btn" href={`/print?view=label&part=${part.id}`}>
            Label
          </a>
          <PhotoButton
            label={part.photo ? "Another photo" : "Photo"}
            most={MOST_PART_PHOTO_CHARACTERS}
            onPhoto={(photo) => void updatePart(part.id, { photo })}
            onProblem={setProblem}
          />
          {part.photo ? (
            <button type="button" className="btn" onClick={() => void updatePart(part.id, { photo: null })}>
              Take the photo away
            </button>
          ) : null}
        </div>
        {problem ? (
          <p role="alert" className="text-[14px] text-out">
            {problem}
          </p>
        ) : null}
        <NoteField label="Note" rows={1} text={part.note} onText={(note) => void updatePart(part.id, { note })} />
      </div>
    </div>
  );
}
