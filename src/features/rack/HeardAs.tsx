"use client";
import { inSentence } from "@/features/vocabulary/in-sentence";
import type { Complaint } from "@/core/trade";
import { Plus, Undo2, X } from "lucide-react";
import type { Hearing, Span } from "@/core/hearing";
import type { KnownPlace } from "@/store/known-place";
import type { HeardChanges, ToldId } from "./heard-changes";
import { notUnderstood, toldChips, toldSentences } from "./told-words";
import { alsoHeard } from "../vocabulary/also-heard";
import { COMPLAINT_WORDS } from "@/features/vocabulary/complaint-words";

const QUESTIONS: Record<Hearing["asks"][number]["id"], string> = {
  "trips-when": "Trips when?",
  "which-noise": "Which noise?",
};

/** What was said and is no complaint of today, with how it was said. */
const TURNED = [
  { of: "denied", word: "not" },
  { of: "over", word: "no longer" },
  { of: "guessed", word: "somebody's guess" },
] as const;

interface HeardAsProps {
  readonly said: string;
  readonly hearing: Hearing;
  /** a site of an earlier card that the sentence names */
  readonly place: KnownPlace | null;
  readonly changes: HeardChanges;
  readonly onChanges: (changes: HeardChanges) => void;
}

/**
 * How the open line was understood: chips that can be struck and brought back, questions where it is open which one is meant,
 * and the person's own words with what was not understood underlined.
 */
export default function HeardAs({ said, hearing, place, changes, onChanges }: HeardAsProps) {
  const { struck, added, struckTold } = changes;
  const told = toldChips(hearing, place);
  const unheard = notUnderstood(said, hearing, place);
  const chips = [...new Set([...hearing.heard, ...added])];
  const strike = (complaint: Complaint) =>
    onChanges({
      ...changes,
      struck: hearing.heard.includes(complaint) ? [...struck, complaint] : struck,
      added: added.filter((each) => each !== complaint),
    });
  const bringBack = (complaint: Complaint) => onChanges({ ...changes, struck: struck.filter((each) => each !== complaint) });
  const turnTold = (id: ToldId) =>
    onChanges({ ...changes, struckTold: struckTold.includes(id) ? struckTold.filter((each) => each !== id) : [...struckTold, id] });
  const asks = hearing.asks.filter(({ options }) => !options.some((option) => added.includes(option)));
  return (
    <div className="mt-2 flex flex-col gap-2" aria-live="polite">
      <div className="flex flex-wrap items-center gap-2">
        <span className="caption">Heard as</span>
        {chips.length === 0 ? <span className="text-[14px]">nothing I know yet</span> : null}
        {chips.map((complaint) => (
          <Chip
            key={complaint}
            word={COMPLAINT_WORDS[complaint]}
            isStruck={struck.includes(complaint)}
            onTurn={() => (struck.includes(complaint) ? bringBack(complaint) : strike(complaint))}
          />
        ))}
        {told.map(({ id, word }) => (
          <Chip key={id} word={word} isStruck={struckTold.includes(id)} onTurn={() => turnTold(id)} />
        ))}
        {TURNED.flatMap(({ of, word }) =>
          hearing[of].map((complaint) => (
            <span key={complaint} className="caption">
              {word}: {inSentence(COMPLAINT_WORDS[complaint])}
            </span>
          )),
        )}
      </div>
      {[...alsoHeard(said), ...toldSentences(hearing)].map((sentence) => (
        <p key={sentence} className="border-l-4 border-close pl-3 text-[14px]">
          {sentence}
        </p>
      ))}
      {asks.map(({ id, options }) => (
        <div key={id} role="group" aria-label={QUESTIONS[id]} className="flex flex-wrap items-center gap-2">
          <span className="text-[14px] font-semibold">{QUESTIONS[id]}</span>
          {options.map((option) => (
            <button key={option} type="button" className="btn" onClick={() => onChanges({ ...changes, added: [...added, option] })}>
              <Plus aria-hidden="true" size={15} /> {COMPLAINT_WORDS[option]}
            </button>
          ))}
        </div>
      ))}
      {unheard.length > 0 ? (
        <p className="text-[13.5px] text-ink-soft">
          Not understood, kept in your words: <OwnWords said={said} spans={unheard} />
        </p>
      ) : null}
    </div>
  );
}

/** One thing that was heard: a press strikes it, another brings it back. */
function Chip({ word, isStruck, onTurn }: { word: string; isStruck: boolean; onTurn: () => void }) {
  return (
    <button
      type="button"
      className={
        isStruck
          ? "btn btn-plain line-through"
          : "inline-flex min-h-[44px] items-center gap-1.5 border-[1.5px] border-press bg-press-wash px-3 text-[14px] font-semibold"
      }
      onClick={onTurn}
      aria-label={`${isStruck ? "Bring back" : "Strike"} ${word}`}
    >
      {word} {isStruck ? <Undo2 aria-hidden="true" size={15} /> : <X aria-hidden="true" size={15} />}
    </button>
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
