"use client";
import { useId, useState } from "react";
import { FIRST_DAY, isDay, LAST_DAY } from "@/core/kept";
import { Said } from "./Said";

interface DayFieldProps {
  readonly label: string;
  /** `YYYY-MM-DD`; null: none yet */
  readonly day: string | null;
  readonly onDay: (day: string | null) => void;
  /** the last day that can be meant */
  readonly max?: string;
  /** stands beside the line while the day is good */
  readonly children?: React.ReactNode;
}

/** A day of the calendar. One that no calendar has stays on the line, is told, and is not kept. */
export function DayField({ label, day, onDay, max = LAST_DAY, children }: DayFieldProps) {
  const id = useId();
  const [draft, setDraft] = useState<string | null>(null);
  const [isFocused, setFocused] = useState(false);
  const isBad = draft !== null && draft !== "" && !isDay(draft);
  const problem =
    isBad && !isFocused ? `There is no such day here. Type one from ${FIRST_DAY.slice(0, 4)} to ${LAST_DAY.slice(0, 4)}.` : null;
  return (
    <div className="text-[14px]">
      <label htmlFor={id} className="caption block">
        {label}
      </label>
      <span className="flex flex-wrap items-center gap-3">
        <input
          id={id}
          type="date"
          className="write-line w-48"
          min={FIRST_DAY}
          max={max}
          value={draft ?? day ?? ""}
          aria-invalid={problem ? true : undefined}
          aria-describedby={problem ? `${id}-say` : undefined}
          onFocus={() => setFocused(true)}
          onBlur={() => {
            setFocused(false);
            if (!isBad) setDraft(null);
          }}
          onChange={(event) => {
            const text = event.target.value;
            setDraft(text);
            if (text === "" || isDay(text)) onDay(text || null);
          }}
        />
        {isBad ? null : children}
      </span>
      <Said id={`${id}-say`} problem={problem} />
    </div>
  );
}
