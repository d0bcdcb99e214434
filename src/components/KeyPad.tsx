"use client";
import { Delete } from "lucide-react";
import { memo, useRef } from "react";

const FIGURES = "input[data-figure]:not(:disabled)";

/** All figure fields of the instrument the pad belongs to, in reading order. */
function figuresNear(pad: HTMLElement): HTMLInputElement[] {
  const instrument = pad.closest("[data-instrument]") ?? document;
  return [...instrument.querySelectorAll<HTMLInputElement>(FIGURES)];
}

/** The field in hand, else the first empty one: pressing a digit never goes nowhere. */
function fieldInHand(pad: HTMLElement, last: HTMLInputElement | null): HTMLInputElement | undefined {
  const fields = figuresNear(pad);
  const active = fields.find((field) => field === document.activeElement) ?? fields.find((field) => field === last);
  return active ?? fields.find((field) => field.value === "") ?? fields[0];
}

/** Changes the text as typing would, so that the field hears of it. */
function edit(field: HTMLInputElement, text: string, from: number, to: number): void {
  field.focus({ preventScroll: true });
  field.setRangeText(text, from, to, "end");
  field.dispatchEvent(new Event("input", { bubbles: true }));
}

const DIGITS = ["7", "8", "9", "4", "5", "6", "1", "2", "3"] as const;
const KEY =
  "num grid min-h-[46px] place-items-center border border-b-[3px] border-rule bg-ground text-[18px] font-medium active:border-b active:bg-press-wash";

function insert(field: HTMLInputElement, key: string): void {
  // A word such as OL replaces what stands there: it is never part of a figure.
  const isWord = /^[A-Z]{2,}$/.test(key);
  const end = field.value.length;
  edit(field, key, isWord ? 0 : (field.selectionStart ?? end), isWord ? end : (field.selectionEnd ?? end));
}

function takeBack(field: HTMLInputElement): void {
  const end = field.selectionEnd ?? field.value.length;
  const start = field.selectionStart ?? end;
  edit(field, "", start === end ? Math.max(0, start - 1) : start, end);
}

function goOn(field: HTMLInputElement, fields: readonly HTMLInputElement[]): HTMLInputElement {
  const next = fields[fields.indexOf(field) + 1] ?? fields[0] ?? field;
  next.focus();
  next.select();
  return next;
}

interface KeyPadProps {
  /** what a meter shows beside digits, for the quantity in hand: three keys */
  readonly extras: readonly [string, string, string];
  /** what Next does where the instrument has one field for many readings */
  readonly onNext?: () => void;
}

/** The big pad: types into the figure field in hand of the same instrument. */
export const KeyPad = memo(function KeyPad({ extras, onNext }: KeyPadProps) {
  const last = useRef<HTMLInputElement | null>(null);
  const press = (event: React.MouseEvent<HTMLDivElement>) => {
    const key = (event.target as HTMLElement).closest("button")?.dataset.key;
    const field = fieldInHand(event.currentTarget, last.current);
    if (key === undefined || !field) return;
    last.current = field;
    if (key === "back") takeBack(field);
    else if (key === "next" && onNext) onNext();
    else if (key === "next") last.current = goOn(field, figuresNear(event.currentTarget));
    else insert(field, key);
  };
  const rows = [0, 1, 2].map((row) => [...DIGITS.slice(row * 3, row * 3 + 3), extras[row] ?? ""]);
  return (
    // Keeping the press from taking the focus leaves the caret where it was.
    <div
      role="group"
      aria-label="Key pad"
      className="pad"
      onPointerDown={(event) => event.preventDefault()}
      onMouseDown={(event) => event.preventDefault()}
      onClick={press}
    >
      {[...rows.flat(), "0", "."].map((key) => (
        <button key={key} type="button" className={KEY} data-key={key}>
          {key}
        </button>
      ))}
      <button type="button" className={KEY} data-key="back" aria-label="Delete the last sign">
        <Delete aria-hidden="true" size={20} />
      </button>
      <button type="button" className="grid min-h-[46px] place-items-center bg-press font-semibold text-press-ink" data-key="next">
        Next
      </button>
    </div>
  );
});
