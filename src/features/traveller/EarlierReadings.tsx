"use client";
import { useState } from "react";
import type { DoneWork, SetAside } from "@/core/job";
import { clockTime } from "../vocabulary/clock";
import { doneWords } from "../vocabulary/done-words";
import { SaidThen } from "../station/SaidThen";
import type { EarlierReading } from "../stations/earlier-readings";

const TITLES: Readonly<Record<SetAside, (at: string) => string>> = {
  work: (at) => `As found, before the work; read anew from ${at}`,
  repeat: (at) => `Read before; once more from ${at}`,
  replaced: (at) => `Before a figure was replaced at ${at}`,
};

interface EarlierReadingsProps {
  readonly rounds: readonly EarlierReading[];
  /** work that lies between what stands here and what is keyed next; null: none does */
  readonly work: DoneWork | null;
  /** something stands here that can be read once more */
  readonly mayRepeat: boolean;
  readonly onAgain: () => void;
}

/** What was read here before: as found, and what was read once more. It is never written over. */
export default function EarlierReadings({ rounds, work, mayRepeat, onAgain }: EarlierReadingsProps) {
  const [open, setOpen] = useState<string | null>(null);
  return (
    <aside aria-label="Read here before" className="flex flex-col gap-2 border-l-4 border-rule pl-3 text-[14px] empty:hidden">
      {rounds.map(({ why, at, stamp, stampWord, said }) => (
        <div key={at} className="flex flex-col gap-1">
          <button
            type="button"
            className="btn btn-plain self-start"
            aria-expanded={open === at}
            onClick={() => setOpen(open === at ? null : at)}
          >
            {TITLES[why](clockTime(at))}: {stampWord}
          </button>
          {open === at ? (
            <div className="flex flex-col gap-1 border-t border-rule pt-1.5">
              <SaidThen stamp={stamp} stampWord={stampWord} said={said} />
            </div>
          ) : null}
        </div>
      ))}
      {work ? (
        <div className="flex flex-wrap items-center gap-3">
          <p className="min-w-0 flex-1 basis-60">
            {doneWords(work.work)} at {clockTime(work.at)}. What is keyed here next is read after that; what was found stays.
          </p>
          <button type="button" className="btn" onClick={onAgain}>
            Measure again
          </button>
        </div>
      ) : mayRepeat ? (
        <button type="button" className="btn btn-plain self-start" onClick={onAgain}>
          Read it once more
        </button>
      ) : null}
    </aside>
  );
}
