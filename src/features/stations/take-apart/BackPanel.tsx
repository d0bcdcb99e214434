"use client";
import { useState } from "react";
import { KeyPad } from "@/components/KeyPad";
import { TickTimes } from "@/components/TickTimes";
import type { Step } from "@/core/stations/take-apart";
import { clockTime } from "@/features/vocabulary/clock";
import { handPair, playSentences } from "@/features/vocabulary/hand-words";
import { HandFields } from "../shared/HandFields";
import { LENGTH_EXTRAS } from "@/features/form/reading";
import { toggleMoment } from "@/features/form/toggle-moment";
import { Verdict } from "../shared/Verdict";
import type { InstrumentProps } from "../../station/contract";
import { withBack, withCountBack, withDetails } from "./ledger";
import { Thumb } from "@/features/photo/Thumb";
import { backWords, lackWords, sentences, STATE_WORDS, stepWords, TRAP_WORDS, type Detail } from "./words";

type Props = InstrumentProps<"take-apart", Detail>;

const now = (): string => new Date().toISOString();
/** The way back: last off, first in; then wires, traps, and the hand at the shaft, before it closes. */
export function BackPanel(props: Props) {
  const { record, assessment, facts, house, change } = props;
  const { detail } = assessment;
  if (detail.state === "nothing-off")
    return <p className="text-[17px]">Nothing is listed as taken off. Start at Take apart; what is listed there is walked back here.</p>;
  return (
    <>
      <Verdict assessment={assessment} word={STATE_WORDS[detail.state]} sentences={sentences(detail)} />
      {detail.next ? (
        <NextBack
          step={detail.next}
          onBack={(id) => change((r, at) => withBack(r, id, at))}
          onCountBack={(id, count) => change((r, at) => withCountBack(r, id, count, at))}
          onNew={(id, isNew) => change((r) => withDetails(r, id, { isNew }))}
        />
      ) : null}
      <Walk walk={detail.walk} onBack={(id, backAt) => change((r) => withBack(r, id, backAt))} />
      {record.wires.length > 0 ? (
        <TickTimes
          legend="Wires back, each at its post"
          steps={record.wires.map(({ mark, post }, index) => ({
            id: String(index),
            label: `${mark || "no mark"} → ${post || "no post noted"}`,
          }))}
          times={Object.fromEntries(record.wires.flatMap(({ backAt }, index) => (backAt ? [[String(index), backAt]] : [])))}
          show={clockTime}
          onToggle={(id) =>
            change((r, at) => ({
              ...r,
              wires: r.wires.map((wire, index) => (String(index) === id ? { ...wire, backAt: wire.backAt ? null : at } : wire)),
            }))
          }
        />
      ) : null}
      <TickTimes
        legend="Seen to, before it closes"
        steps={detail.during.map((id) => ({ id, label: TRAP_WORDS[id] }))}
        times={record.seenTo}
        show={clockTime}
        onToggle={(id) => change((r, at) => ({ ...r, seenTo: toggleMoment(r.seenTo, id, at) }))}
      />
      <section aria-labelledby="by-hand" className="flex flex-col gap-4">
        <h2 id="by-hand" className="heading-rule">
          Turn it by hand, before power
        </h2>
        <HandFields
          record={record.after}
          house={house}
          verdict={detail.after}
          change={(apply) => change((r, at) => ({ ...r, after: apply(r.after, at) }))}
        />
        <div className="sm:hidden">
          <KeyPad extras={LENGTH_EXTRAS} />
        </div>
        {[...playSentences(detail.after), ...handPair(facts.handFound, record.after)].map((sentence) => (
          <p key={sentence} className="text-[14px]">
            {sentence}
          </p>
        ))}
      </section>
      <Close {...props} />
    </>
  );
}

interface NextBackProps {
  readonly step: Step;
  readonly onBack: (id: string) => void;
  readonly onCountBack: (id: string, count: number) => void;
  readonly onNew: (id: string, isNew: boolean) => void;
}

/** The one part that goes back now, large; of several, how many are there. */
function NextBack({ step, onBack, onCountBack, onNew }: NextBackProps) {
  return (
    <section aria-label="Goes back next" className="flex flex-wrap items-center gap-4 border-2 border-ink p-4">
      {step.photo ? <Thumb photo={step.photo} of={stepWords(step)} size="large" /> : null}
      <p className="min-w-0 flex-1 basis-52">
        <span className="caption block">Goes back next</span>
        <span className="text-[21px] font-bold">{stepWords(step)}</span>
      </p>
      <button type="button" className="btn btn-filled" onClick={() => onBack(step.id)}>
        {step.count > 1 ? `All ${step.count} are back in` : "It is back in"}
      </button>
      <div className="flex w-full flex-wrap items-center gap-x-6 gap-y-2">
        {step.count > 1 ? (
          <div role="group" aria-label="How many are back" className="flex items-center gap-2">
            <button
              type="button"
              className="btn"
              aria-label="One fewer is back"
              disabled={step.countBack < 1}
              onClick={() => onCountBack(step.id, step.countBack - 1)}
            >
              −
            </button>
            <output className="num text-[15px]">{backWords(step)}</output>
            <button type="button" className="btn" aria-label="One more is back" onClick={() => onCountBack(step.id, step.countBack + 1)}>
              +
            </button>
          </div>
        ) : null}
        <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
          <input type="checkbox" className="h-5 w-5 accent-press" checked={step.isNew} onChange={() => onNew(step.id, !step.isNew)} />
          {step.count > 1 ? "New ones go in" : "A new one goes in"}
        </label>
      </div>
    </section>
  );
}

/** The whole list from its end; a part that went in out of turn can be ticked, and unticked. */
function Walk({ walk, onBack }: { walk: readonly Step[]; onBack: (id: string, backAt: string | null) => void }) {
  if (walk.length === 0) return null;
  return (
    <TickTimes
      legend="Back, last off first"
      steps={walk.map((step) => ({ id: step.id, label: stepWords(step) }))}
      times={Object.fromEntries(walk.flatMap(({ id, backAt }) => (backAt ? [[id, backAt]] : [])))}
      show={clockTime}
      onToggle={(id) => onBack(id, walk.find((step) => step.id === id)?.backAt ? null : now())}
    />
  );
}

/** Closes it, or says what is left over. */
function Close({ assessment: { detail }, change }: Props) {
  const [isRefused, setRefused] = useState(false);
  if (detail.state === "closed") return null;
  const press = (): void => {
    setRefused(detail.lacks.length > 0);
    if (detail.lacks.length === 0) change((r, at) => ({ ...r, closedAt: at }));
  };
  return (
    <div className="flex flex-col gap-3">
      <button type="button" className="btn btn-filled self-start" onClick={press}>
        Close it: nothing is left over
      </button>
      {isRefused && detail.lacks.length > 0 ? (
        <div role="alert" className="border-l-4 border-out pl-3 text-[15px]">
          <p className="font-semibold">It does not close yet:</p>
          <ul className="list-disc pl-5">
            {detail.lacks.map((lack, index) => (
              <li key={index}>{lackWords(lack)}</li>
            ))}
          </ul>
        </div>
      ) : null}
    </div>
  );
}
