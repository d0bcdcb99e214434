"use client";
import { useState } from "react";
import { DayField } from "@/components/DayField";
import Sheet from "@/components/Sheet";
import { LineField } from "@/components/LineField";
import { dayAfter } from "@/core/kept";
import { putOff } from "@/store/put-off";
import { dayOf, dayWords } from "../vocabulary/clock";
import { DUE_WORDS, type DueRow } from "./due";

const STEPS = [
  { days: 7, label: "A week" },
  { days: 30, label: "A month" },
  { days: 90, label: "Three months" },
] as const;

/** Puts a follow-up off until a day, with the reason; it can be due again as before. */
export default function PutOffSheet({ row, onClose }: { row: DueRow; onClose: () => void }) {
  const { card, kind, on } = row;
  const [day, setDay] = useState<string | null>(null);
  const [why, setWhy] = useState(row.putOff?.why ?? "");
  const [problem, setProblem] = useState("");
  const [today] = useState(() => dayOf(new Date()));
  const keep = async (until: { readonly day: string; readonly why: string } | null): Promise<void> => {
    if (await putOff(card.id, kind, until)) onClose();
    else setProblem("It could not be kept on this device. Try again.");
  };
  const submit = (): void => {
    if (day === null) setProblem("Say until when: press one of the three, or type a day.");
    else if (day <= today) setProblem(`${dayWords(day)} is not ahead. Choose a later day.`);
    else if (why.trim() === "") setProblem("Say why in a few words: whoever finds it later will ask.");
    else void keep({ day, why: why.trim() });
  };
  return (
    <Sheet title={`Put off: ${DUE_WORDS[kind]}`} onClose={onClose}>
      <p className="text-[15px]">
        {card.machine.trim() || "Machine not named"}, {card.site.trim() || "no site"}. Due {dayWords(row.putOff?.from ?? on)}
        {row.putOff ? `, put off until ${dayWords(on)}` : ""}.
      </p>
      <div className="mt-3 flex flex-wrap items-end gap-2">
        {STEPS.map(({ days, label }) => (
          <button
            key={days}
            type="button"
            className="btn"
            aria-pressed={day === dayAfter(today, days)}
            onClick={() => setDay(dayAfter(today, days))}
          >
            {label}
          </button>
        ))}
        <DayField label="Until" day={day} onDay={setDay} />
      </div>
      <div className="mt-3">
        <LineField label="Why" text={why} kind="note" placeholder="for example closed until spring" onText={setWhy} />
      </div>
      {problem ? (
        <p role="alert" className="mt-2 text-[14px] text-out">
          {problem}
        </p>
      ) : null}
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="btn btn-filled" onClick={submit}>
          Put it off
        </button>
        {row.putOff ? (
          <button type="button" className="btn" onClick={() => void keep(null)}>
            Due again as before
          </button>
        ) : null}
      </div>
    </Sheet>
  );
}
