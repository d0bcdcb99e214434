"use client";
import { Undo2 } from "lucide-react";
import { useState } from "react";
import { useMoment } from "@/components/useNow";
import { toFileSentence } from "../messages/file-sentences";
import { dayAndTime } from "../vocabulary/clock";
import { takeBack } from "./keep-team";
import { useMerges } from "./useTeam";
import { isNothing, mergeWords, takenBackWords } from "./words";

/** What was taken in, each with its way back. */
export function Merges() {
  const merges = useMerges();
  const now = useMoment();
  const [said, setSaid] = useState("");
  const undo = async (id: string): Promise<void> => {
    const back = await takeBack(id);
    if (!back.ok) setSaid(`Not taken back: everything is as it was. ${toFileSentence(back.failure)}`);
    else if (back.value === "nothing") setSaid("That was taken back already, or is too long ago.");
    else setSaid(`${takenBackWords(back.value)} From now on it is asked first: what others bring is not taken in by itself.`);
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
        <p className="mt-3 text-ink-soft">Nothing yet. The last ten stand here, and each can be undone exactly.</p>
      ) : (
        <ul>
          {told.map(({ id, at, from, counts }) => (
            <li key={id} className="flex flex-wrap items-center justify-between gap-3 border-b border-rule py-2">
              <span className="min-w-0 text-[15px] break-words">
                {dayAndTime(at, now)} from {from.name}: {isNothing(counts) ? "what was chosen" : mergeWords(counts)}
              </span>
              <button type="button" className="btn" onClick={() => void undo(id)}>
                <Undo2 aria-hidden="true" size={18} />
                Undo
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
