"use client";
import { useId } from "react";
import type { TextKind } from "@/core/kept";
import { Said } from "./Said";
import { useDraft } from "./useDraft";

interface LineFieldProps {
  readonly label: string;
  readonly text: string;
  /** what kind of text it takes, and so how long */
  readonly kind?: TextKind;
  readonly onText: (text: string) => void;
  readonly unit?: string;
  /** what to do here, while it is empty */
  readonly placeholder?: string;
  /** how an entry may look; it is marked as an example, so that nobody takes it for one */
  readonly example?: string | undefined;
  /** what counts while nothing is typed, taken from elsewhere */
  readonly known?: string | undefined;
  /** said under the line: what was wrong and what to type */
  readonly problem?: string | null;
  /** said under the line when nothing is wrong */
  readonly hint?: string | null;
  readonly isFigure?: boolean;
  readonly isAutoFocused?: boolean;
  readonly size?: "normal" | "large";
}

/** A line to write words or printed figures on. */
export function LineField({
  label,
  text,
  kind = "printed",
  onText,
  unit,
  placeholder,
  example,
  known,
  problem,
  hint,
  isFigure = false,
  isAutoFocused = false,
  size = "normal",
}: LineFieldProps) {
  const id = useId();
  const { field, tooLong } = useDraft(text, onText, kind);
  const said = tooLong ?? problem;
  // It stands beside the line, in ink: a value that counts must not look like an example.
  const taken = known && text.trim() === "" ? `Taken over: ${known}` : null;
  const under = hint ?? taken;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="caption block">
        {label}
      </label>
      <div className="flex items-end gap-1">
        <input
          id={id}
          {...field}
          className={`write-line ${isFigure ? "num" : ""} ${size === "large" ? "text-[23px] font-medium" : "text-[17px]"}`}
          placeholder={placeholder ?? (example && !known ? `e.g. ${example}` : undefined)}
          autoComplete="off"
          spellCheck={false}
          autoFocus={isAutoFocused}
          aria-invalid={said ? true : undefined}
          aria-describedby={said || under ? `${id}-say` : undefined}
        />
        {unit ? <span className="caption pb-2 whitespace-nowrap">{unit}</span> : null}
      </div>
      <Said id={`${id}-say`} problem={said} hint={under} />
    </div>
  );
}

/** A few lines for free notes. */
export function NoteField({
  label,
  text,
  onText,
  rows = 2,
}: {
  label: string;
  text: string;
  onText: (text: string) => void;
  rows?: number;
}) {
  const id = useId();
  const { field, tooLong } = useDraft(text, onText, "note");
  return (
    <div>
      <label htmlFor={id} className="caption block">
        {label}
      </label>
      <textarea
        id={id}
        {...field}
        rows={rows}
        className="write-line resize-y py-1.5 text-[15px]"
        aria-invalid={tooLong ? true : undefined}
        aria-describedby={tooLong ? `${id}-say` : undefined}
      />
      <Said id={`${id}-say`} problem={tooLong} />
    </div>
  );
}
