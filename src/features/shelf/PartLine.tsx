"use client";
import { readPlain, type PlainFieldId } from "@/core/station";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import { readShelfLabel } from "@/core/capacitor";
import { formatMoney } from "@/core/quantity";
import type { Part } from "@/records";
import { updatePart } from "@/store/parts";
import { toSentence } from "../messages/failure-sentences";

type NumberField = "quantity" | "price" | "diameterMm" | "heightMm" | "terminals";

const NUMBERS: readonly {
  readonly field: NumberField;
  readonly label: string;
  readonly reads: PlainFieldId;
  readonly mayBeEmpty: boolean;
  readonly example: string;
}[] = [
  { field: "quantity", label: "Pieces", reads: "pieces", mayBeEmpty: false, example: "a whole number, for example 2" },
  { field: "price", label: "Price each", reads: "shelfPrice", mayBeEmpty: false, example: "a price, for example 8.80" },
  { field: "diameterMm", label: "Diameter, mm", reads: "millimetres", mayBeEmpty: true, example: "millimetres, for example 40" },
  { field: "heightMm", label: "Height, mm", reads: "millimetres", mayBeEmpty: true, example: "millimetres, for example 72" },
  { field: "terminals", label: "Terminals", reads: "terminals", mayBeEmpty: true, example: "a whole number, for example 4" },
];

/** One line of the shelf; opened, every part of it can be changed, and is kept at once. */
export function PartLine({ part, onRemove }: { part: Part; onRemove: () => void }) {
  const [isOpen, setOpen] = useState(false);
  const parsed = readShelfLabel(part.label);
  const size = [
    part.diameterMm && `⌀ ${part.diameterMm}`,
    part.heightMm && `${part.heightMm} mm high`,
    part.terminals && `${part.terminals} terminals`,
  ];
  return (
    <li className="border-b border-rule-faint py-1.5">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1 basis-64">
          <p className="num text-[14px]">{part.label}</p>
          <p className="caption">
            {[part.maker, part.place, ...size].filter(Boolean).join(" · ")}
            {parsed.ok ? ` · ${parsed.value.kind} part` : ""}
          </p>
          {parsed.ok ? null : <p className="text-[13.5px] text-out">{toSentence(parsed.failure)}</p>}
        </div>
        <p className="num text-[13.5px]">
          {part.quantity} × {formatMoney(part.price)}
        </p>
        <button type="button" className="btn" aria-expanded={isOpen} aria-label={`Change ${part.label}`} onClick={() => setOpen(!isOpen)}>
          {isOpen ? "Done" : "Change"}
        </button>
        <button type="button" className="btn btn-plain" aria-label={`Take off ${part.label}`} onClick={onRemove}>
          Take off
        </button>
      </div>
      {isOpen ? <Fields part={part} /> : null}
    </li>
  );
}

function Fields({ part }: { part: Part }) {
  // A figure that cannot be kept yet stays as typed, with what to type beside it.
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
        <LineField label="Label, as printed" text={part.label} isFigure onText={(label) => void updatePart(part.id, { label })} />
      </div>
      <LineField label="Maker" kind="word" text={part.maker} onText={(maker) => void updatePart(part.id, { maker })} />
      <LineField label="Where" kind="word" text={part.place} onText={(place) => void updatePart(part.id, { place })} />
      {NUMBERS.map((spec) => (
        <LineField
          key={spec.field}
          label={spec.label}
          text={unread[spec.field] ?? String(part[spec.field] ?? "")}
          isFigure
          onText={(text) => setNumber(spec, text)}
          problem={unread[spec.field] === undefined ? null : `Type ${spec.example}.`}
        />
      ))}
    </div>
  );
}
