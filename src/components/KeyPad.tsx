"use client";
import { useRef } from "react";

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

const DIGITS = ["7", "8", "9", "4", "5", "6", "1", "2", "3", "0", "."] as const;
const KEY = "num grid min-h-[46px] place-items-center border border-b-[3px] border-rule bg-ground text-[18px] font-medium active:border-b active:bg-press-wash";

interface KeyPadProps {
  /** what a meter shows beside digits, for the quantity in hand: three keys */
  readonly extras: readonly [string, string, string];
}

/** The big pad: types into the figure field in hand of the same instrument. */
export function KeyPad({ extras }: KeyPadProps) {
  const pad = useRef<HTMLDivElement>(null);
  const last = useRef<HTMLInputElement | null>(null);

  const withField = (act: (field: HTMLInputElement) => void) => () => {
    if (!pad.current) return;
    const field = fieldInHand(pad.current, last.current);
    if (!field) return;
    last.current = field;
    act(field);
  };
  const insert = (key: string) =>
    withField((field) => {
      // A word such as OL replaces what stands there: it is never part of a figure.
      const isWord = /^[A-Z]{2,}$/.test(key);
      edit(field, key, isWord ? 0 : (field.selectionStart ?? field.value.length), isWord ? field.value.length : (field.selectionEnd ?? field.value.length));
    });
  const backspace = withField((field) => {
    const end = field.selectionEnd ?? field.value.length;
    const start = field.selectionStart ?? end;
    edit(field, "", start === end ? Math.max(0, start - 1) : start, end);
  });
  const goOn = withField((field) => {
    const fields = pad.current ? figuresNear(pad.current) : [];
    const next = fields[fields.indexOf(field) + 1] ?? fields[0];
    last.current = next ?? field;
    next?.focus();
    next?.select();
  });

  const row = (digits: readonly string[], extra: string) => [...digits, extra];
  const rows = [row(DIGITS.slice(0, 3), extras[0]), row(DIGITS.slice(3, 6), extras[1]), row(DIGITS.slice(6, 9), extras[2])];
  return (
    // Keeping the press from taking the focus leaves the caret where it was.
    <div ref={pad} role="group" aria-label="Key pad" className="grid grid-cols-4 gap-[5px] select-none" onPointerDown={(event) => event.preventDefault()}>
      {rows.flat().map((key) => (
        <button key={key} type="button" className={KEY} onClick={insert(key)}>
          {key}
        </button>
      ))}
      <button type="button" className={KEY} onClick={insert("0")}>
        0
      </button>
      <button type="button" className={KEY} onClick={insert(".")}>
        .
      </button>
      <button type="button" className={KEY} onClick={backspace} aria-label="Delete the last sign">
        ⌫
      </button>
      <button type="button" className="grid min-h-[46px] place-items-center bg-press font-semibold text-press-ink" onClick={goOn}>
        Next
      </button>
    </div>
  );
}
