"use client";
import { inSentence } from "@/features/vocabulary/in-sentence";
import type { Complaint } from "@/core/trade";
import { Plus, Undo2, X } from "lucide-react";
import type { Hearing, Span } from "@/core/diagnosis";
import type { HeardChanges } from "./heard-changes";
import { COMPLAINT_WORDS } from "../vocabulary/list-words";
import { alsoHeard } from "../vocabulary/also-heard";

const QUESTIONS: Record<Hearing["asks"][number]["id"], string> = {
  "trips-when": "Trips when?",
  "which-noise": "Which noise?",
};

interface HeardAsProps {
  readonly said: string;
  readonly hearing: Hearing;
  readonly changes: HeardChanges;
  readonly onChanges: (changes: HeardChanges) => void;
}

/**
 * How the open line was understood: chips that can be struck and brought back, questions where it is open which one is meant,
 * and the person's own words with what was not understood underlined.
 */
export default function HeardAs({ said, hearing, changes, onChanges }: HeardAsProps) {
  const { struck, added } = changes;
  const chips = [...new Set([...hearing.heard, ...added])];
  const strike = (complaint: Complaint) =>
    onChanges({
      struck: hearing.heard.includes(complaint) ? [...struck, complaint] : struck,
      added: added.filter((each) => each !== complaint),
    });
  const bringBack = (complaint: Complaint) => onChanges({ struck: struck.filter((each) => each !== complaint), added });
  const asks = hearing.asks.filter(({ options }) => !options.some((option) => added.includes(option)));
  return (
    <div className="mt-2 flex flex-col gap-2" aria-live="polite">
      <div className="flex flex-wrap items-center gap-2">
        <span className="caption">Heard as</span>
        {chips.length === 0 ? <span className="text-[14px]">nothing I know yet</span> : null}
        {chips.map((complaint) =>
          struck.includes(complaint) ? (
            <button
              key={complaint}
              type="button"
              className="btn btn-plain line-through"
              onClick={() => bringBack(complaint)}
              aria-label={`Bring back ${COMPLAINT_WORDS[complaint]}`}
            >
              {COMPLAINT_WORDS[complaint]} <Undo2 aria-hidden="true" size={15} />
            </button>
          ) : (
            <button
              key={complaint}
              type="button"
              className="inline-flex min-h-[44px] items-center gap-1.5 border-[1.5px] border-press bg-press-wash px-3 text-[14px] font-semibold"
              onClick={() => strike(complaint)}
              aria-label={`Strike ${COMPLAINT_WORDS[complaint]}`}
            >
              {COMPLAINT_WORDS[complaint]} <X aria-hidden="true" size={15} />
            </button>
          ),
        )}
        {hearing.denied.map((complaint) => (
          <span key={complaint} className="caption">
            not: {inSentence(COMPLAINT_WORDS[complaint])}
          </span>
        ))}
      </div>
      {alsoHeard(said).map((sentence) => (
        <p key={sentence} className="border-l-4 border-close pl-3 text-[14px]">
          {sentence}
        </p>
      ))}
      {asks.map(({ id, options }) => (
        <div key={id} role="group" aria-label={QUESTIONS[id]} className="flex flex-wrap items-center gap-2">
          <span className="text-[14px] font-semibold">{QUESTIONS[id]}</span>
          {options.map((option) => (
            <button key={option} type="button" className="btn" onClick={() => onChanges({ struck, added: [...added, option] })}>
              <Plus aria-hidden="true" size={15} /> {COMPLAINT_WORDS[option]}
            </button>
          ))}
        </div>
      ))}
      {hearing.unheard.length > 0 ? (
        <p className="text-[13.5px] text-ink-soft">
          Not understood, kept in your words: <OwnWords said={said} spans={hearing.unheard} />
        </p>
      ) : null}
    </div>
  );
}

/** The text as typed, with stretches underlined. */
function OwnWords({ said, spans }: { said: string; spans: readonly Span[] }) {
  const ends = [0, ...spans.map(({ to }) => to)];
  return (
    <span className="text-ink">
      {spans.map(({ from, to }, index) => (
        <span key={from}>
          {said.slice(ends[index], from)}
          <u className="decoration-close decoration-wavy decoration-2 underline-offset-4">{said.slice(from, to)}</u>
        </span>
      ))}
      {said.slice(ends.at(-1))}
    </span>
  );
}
