"use client";
import { useState } from "react";
import { download } from "@/components/download";
import type { DueRow } from "./due";

interface CalendarButtonProps {
  readonly label: string;
  /** read when it is pressed: what writes a calendar is fetched then, too */
  readonly rows: () => Promise<readonly DueRow[]>;
  readonly name: string;
}

/** Hands what is due over as a calendar file; taken in twice, entries are brought up to date, not doubled. */
export function CalendarButton({ label, rows, name }: CalendarButtonProps) {
  const [said, setSaid] = useState<string | null>(null);
  const press = async (): Promise<void> => {
    try {
      const [{ toCalendar }, due] = await Promise.all([import("./calendar"), rows()]);
      const made = toCalendar(due);
      if (!made.ok) return setSaid("The calendar file could not be written. Try again.");
      download(made.value, name, "text/calendar");
      setSaid(
        `${due.length} ${due.length === 1 ? "entry" : "entries"} in ${name}: open it with your calendar. Again later, it brings them up to date.`,
      );
    } catch {
      setSaid("The calendar file could not be written. Try again.");
    }
  };
  return (
    <div className="mt-2">
      <button type="button" className="btn" onClick={() => void press()}>
        {label}
      </button>
      {said ? (
        <p role="status" className="caption mt-1">
          {said}
        </p>
      ) : null}
    </div>
  );
}
