"use client";
import { useState } from "react";
import { openPage } from "@/components/open-page";
import { matchComplaints, type Complaint } from "@/core/diagnosis";
import { createTraveller } from "@/store/write";
import { COMPLAINT_WORDS } from "../vocabulary/words";

/** Complaints heard most, one press away; the rest stand on the complaint station. */
const OFFERED: readonly Complaint[] = [
  "hums-no-start",
  "starts-with-push",
  "starts-slow",
  "trips-at-once",
  "trips-running",
  "runs-hot",
  "squeals",
  "slow-or-weak",
  "dead",
  "cuts-out-and-returns",
];

/** The one open line: what the motor does starts a card in one step. */
export function NewTraveller({ technician }: { technician: string }) {
  const [said, setSaid] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const recognised = matchComplaints(said);
  const start = async (text: string, complaints: readonly Complaint[]) => {
    const id = await createTraveller(text, complaints, technician);
    if (id) openPage(`/traveller?id=${id}&station=complaint`);
  };
  return (
    <section aria-label="New traveller">
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (said.trim() === "") {
            setProblem("Type what the motor does, for example: hums, starts with a push. Or pick below.");
            return;
          }
          void start(said.trim().slice(0, 2000), recognised);
        }}
      >
        <div className="flex flex-wrap items-baseline gap-x-4 border-b-[2.5px] border-ink pb-1">
          <label htmlFor="ask" className="text-[27px] font-bold tracking-[-0.012em] [font-stretch:104%]">
            What does the motor do?
          </label>
          <input
            id="ask"
            autoFocus
            autoComplete="off"
            className="min-h-[44px] min-w-0 flex-1 basis-52 bg-transparent text-[19px] outline-none"
            placeholder="type, or pick below"
            value={said}
            onChange={(event) => {
              setSaid(event.target.value);
              setProblem(null);
            }}
            aria-describedby="ask-say"
            aria-invalid={problem ? true : undefined}
          />
          {said.trim() ? (
            <button type="submit" className="btn btn-filled">
              Start a card
            </button>
          ) : null}
        </div>
        <p
          id="ask-say"
          className={`mt-1 min-h-[19px] text-[13.5px] ${problem ? "font-medium text-out" : "text-ink-soft"}`}
          aria-live="polite"
        >
          {problem ??
            (said.trim() === ""
              ? ""
              : recognised.length > 0
                ? `Understood: ${recognised.map((id) => COMPLAINT_WORDS[id].toLowerCase()).join(", ")}. Enter starts the card.`
                : "Kept in your words. Enter starts the card.")}
        </p>
      </form>
      <div className="mt-1 flex flex-wrap gap-2">
        {OFFERED.map((id) => (
          <button
            key={id}
            type="button"
            className="min-h-[44px] border-[1.5px] border-ink bg-sheet px-3 text-[14px] hover:bg-press-wash"
            onClick={() => void start(said.trim(), [...new Set([...recognised, id])])}
          >
            {COMPLAINT_WORDS[id]}
          </button>
        ))}
      </div>
    </section>
  );
}
