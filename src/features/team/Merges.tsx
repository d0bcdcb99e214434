"use client";
import { Undo2 } from "lucide-react";
import { useState } from "react";
import { useMoment } from "@/components/useNow";
import type { HouseFigures } from "@/core/house";
import { toFileSentence } from "../messages/file-sentences";
import { dayAndTime } from "../vocabulary/clock";
import { takeBack } from "./keep-team";
import { useMerges } from "./useTeam";
import { isNothing, mergeWords, takenBackWords } from "./words";

/** Shown at once. */
const SHOWN = 10;

/** What was taken in, each with its way back. */
export function Merges({ figures }: { figures: HouseFigures }) {
  const merges = useMerges(figures.papersDays);
  const [isAll, setAll] = useState(false);
  const now = useMoment();
  const [said, setSaid] = useState("");
  const undo = async (id: string): Promise<void> => {
    const back = await takeBack(id);
    if (!back.ok) setSaid(`Not taken back: everything is as it was. ${toFileSentence(back.failure)}`);
    else if (back.value === "nothing") setSaid("That was taken back already, or is too long ago.");
    else setSaid(takenBackWords(back.value));
  };
  const told = merges.state === "ready" ? merges.value.filter(({ counts }) => !isNothing(counts) || counts.conflicts > 0) : [];
  return (
    <section aria-labelledby="taken-in">
      <h2 id="taken-in" className="heading-rule">
        Taken in
      </h2>
      <p aria-live="polite" className={said === "" ? "sr-only" : "mt-3 border-l-4 border-press pl-3 text-[14px]"}>
        {said}
      </p>
      {told.length === 0 ? (
        <p className="mt-3 text-ink-soft">
          Nothing yet. What is taken in stands here for {figures.papersDays} days, and each can be undone.
        </p>
      ) : (
        <ul>
          {told.slice(0, isAll ? told.length : SHOWN).map(({ id, at, from, counts }) => (
            <li key={id} className="flex flex-wrap items-center justify-between gap-3 border-b border-rule py-2">
              <span className="min-w-0 text-[15px] break-words">
                {dayAndTime(at, now)} from {from.name}: {mergeWords(counts)}
              </span>
              <button type="button" className="btn" onClick={() => void undo(id)}>
                <Undo2 aria-hidden="true" size={18} />
                Undo
              </button>
            </li>
          ))}
        </ul>
      )}
      {told.length > SHOWN && !isAll ? (
        <button type="button" className="btn mt-2" onClick={() => setAll(true)}>
          Show all {told.length}
        </button>
      ) : null}
    </section>
  );
}
