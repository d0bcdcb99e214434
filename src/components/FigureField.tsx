"use client";
import { useId } from "react";
import { Said } from "./Said";
import { useDraft } from "./useDraft";

export interface FigureFieldProps {
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  readonly unit: string;
  readonly problem?: string | null;
  readonly isAutoFocused?: boolean;
  readonly size?: "normal" | "large";
  readonly onFocusField?: () => void;
  /** signs it takes beside digits, for the pad */
  readonly signs?: readonly string[];
  /** the label stands beside it already, in a table */
  readonly isLabelHidden?: boolean;
  readonly field?: React.Ref<HTMLInputElement>;
  /** who wrote it, where no hand did */
  readonly by?: string | undefined;
}

/**
 * A figure as the meter shows it. Plain typing on a desk; on touch the page's own pad types into it, so the system
 * keyboard stays away (`inputMode="none"`).
 */
export function FigureField({
  label,
  text,
  onText,
  unit,
  problem,
  isAutoFocused = false,
  size = "normal",
  onFocusField,
  signs,
  isLabelHidden = false,
  field: ref,
  by,
}: FigureFieldProps) {
  const id = useId();
  const { field, tooLong } = useDraft(text, onText, "figure");
  const said = tooLong ?? problem;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={isLabelHidden ? "sr-only" : "caption block"}>
        {label}
      </label>
      <div className="flex items-end gap-1">
        <input
          id={id}
          ref={ref}
          {...field}
          onFocus={() => {
            field.onFocus();
            onFocusField?.();
          }}
          data-figure=""
          data-unit={unit}
          data-signs={signs?.join(" ")}
          inputMode="none"
          autoComplete="off"
          spellCheck={false}
          autoFocus={isAutoFocused}
          className={`write-line num ${size === "large" ? "text-[38px] font-medium tracking-[-0.03em]" : "text-[22px] font-medium"}`}
          aria-invalid={said ? true : undefined}
          aria-describedby={said ? `${id}-say` : undefined}
        />
        <span className="caption pb-2">
          {unit}
          {by ? <b className="block whitespace-nowrap">{by}</b> : null}
        </span>
      </div>
      <Said id={`${id}-say`} problem={said} />
    </div>
  );
}
