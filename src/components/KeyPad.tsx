"use client";
import { ChevronDown, Delete } from "lucide-react";
import { memo, useEffect, useRef, useState } from "react";
import { followPad, isPadOnDesk, showPadOnDesk, type PadField } from "./pad-in-hand";

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
/** Signs that stand in the column beside the digits. */
const BESIDE = 3;

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

/** Goes on to the next figure; after the last one there is nothing more to key, and the pad goes. */
function goOn(field: HTMLInputElement, fields: readonly HTMLInputElement[]): HTMLInputElement {
  const next = fields[fields.indexOf(field) + 1];
  if (!next) {
    field.blur();
    return field;
  }
  next.focus();
  next.select();
  return next;
}

interface KeyPadProps {
  /** signs beside the digits while no field is in hand, and for one that names none of its own */
  readonly extras: readonly string[];
  /** what Next does where the instrument has one field for many readings */
  readonly onNext?: () => void;
}

/**
 * The big pad: types into the figure field in hand of the same instrument, with the signs that field takes. On a phone it comes
 * up with the field and can be put away; on a desk it stands there when it is asked for.
 */
export const KeyPad = memo(function KeyPad({ extras, onNext }: KeyPadProps) {
  const pad = useRef<HTMLDivElement | null>(null);
  const last = useRef<HTMLInputElement | null>(null);
  const [inHand, setInHand] = useState<PadField | null>(null);
  useEffect(() => (pad.current ? followPad(pad.current, FIGURES, setInHand) : undefined), []);
  const press = (event: React.MouseEvent<HTMLDivElement>) => {
    const key = (event.target as HTMLElement).closest("button")?.dataset.key;
    const field = fieldInHand(event.currentTarget, last.current);
    if (key === undefined || !field) return;
    last.current = field;
    if (key === "close") field.blur();
    else if (key === "back") takeBack(field);
    else if (key === "next" && onNext) onNext();
    else if (key === "next") last.current = goOn(field, figuresNear(event.currentTarget));
    else insert(field, key);
  };
  const signs = inHand?.signs ?? extras;
  const rows = [0, 1, 2].map((row) => [...DIGITS.slice(row * 3, row * 3 + 3), signs[row] ?? ""]);
  const isLast = inHand?.isLast === true && onNext === undefined;
  return (
    <div>
      {/* Keeping the press from taking the focus leaves the caret where it was. */}
      <div
        ref={pad}
        role="group"
        aria-label="Key pad"
        className="pad"
        onPointerDown={(event) => event.preventDefault()}
        onMouseDown={(event) => event.preventDefault()}
        onClick={press}
      >
        <div className="pad-head col-span-4 flex min-h-[36px] items-center justify-between gap-3">
          <span className="caption truncate">{inHand ? inHand.label : ""}</span>
          <button type="button" className="flex min-h-[44px] items-center gap-1 font-semibold text-press" data-key="close">
            Close the pad <ChevronDown aria-hidden="true" size={16} />
          </button>
        </div>
        {signs.slice(BESIDE).map((key) => (
          <button key={key} type="button" className={KEY} data-key={key}>
            {key}
          </button>
        ))}
        {signs.length > BESIDE ? <span style={{ gridColumn: `span ${4 - ((signs.length - BESIDE) % 4)}` }} /> : null}
        {[...rows.flat(), "0", "."].map((key, index) =>
          key === "" ? (
            <span key={`none ${index}`} />
          ) : (
            <button key={key} type="button" className={KEY} data-key={key}>
              {key}
            </button>
          ),
        )}
        <button type="button" className={KEY} data-key="back" aria-label="Delete the last sign">
          <Delete aria-hidden="true" size={20} />
        </button>
        <button type="button" className="grid min-h-[46px] place-items-center bg-press font-semibold text-press-ink" data-key="next">
          {isLast ? "Done" : "Next"}
        </button>
      </div>
      <DeskSwitch />
    </div>
  );
});

/** On a desk figures are typed; whoever wants the pad there has it from then on, on this device. */
function DeskSwitch() {
  const [isShown, setShown] = useState(false);
  useEffect(() => {
    const known = isPadOnDesk();
    showPadOnDesk(known);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- what this device keeps is not known before the page is there
    setShown(known);
  }, []);
  const toggle = () => {
    showPadOnDesk(!isShown);
    setShown(!isShown);
  };
  return (
    <button type="button" className="pad-switch link-button" aria-pressed={isShown} onClick={toggle}>
      {isShown ? "Hide the key pad" : "Key pad"}
    </button>
  );
}
