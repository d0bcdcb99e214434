"use client";
import { useId } from "react";
import { useDraft } from "./useDraft";

interface LineFieldProps {
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly unit?: string;
  readonly placeholder?: string;
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
  onText,
  unit,
  placeholder,
  problem,
  hint,
  isFigure = false,
  isAutoFocused = false,
  size = "normal",
}: LineFieldProps) {
  const id = useId();
  const draft = useDraft(text, onText);
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="caption block">
        {label}
      </label>
      <div className="flex items-end gap-1">
        <input
          id={id}
          {...draft}
          className={`write-line ${isFigure ? "num" : ""} ${size === "large" ? "text-[23px] font-medium" : "text-[17px]"}`}
          placeholder={placeholder}
          autoComplete="off"
          spellCheck={false}
          autoFocus={isAutoFocused}
          aria-invalid={problem ? true : undefined}
          aria-describedby={problem || hint ? `${id}-say` : undefined}
        />
        {unit ? <span className="caption pb-2 whitespace-nowrap">{unit}</span> : null}
      </div>
      {problem || hint ? (
        <p id={`${id}-say`} className={`mt-1 text-[13.5px] ${problem ? "font-medium text-out" : "text-ink-soft"}`}>
          {problem ?? hint}
        </p>
      ) : null}
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
  const draft = useDraft(text, onText);
  return (
    <div>
      <label htmlFor={id} className="caption block">
        {label}
      </label>
      <textarea id={id} {...draft} rows={rows} maxLength={2000} className="write-line resize-y py-1.5 text-[15px]" />
    </div>
  );
}
