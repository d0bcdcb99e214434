"use client";
import { useState } from "react";
import { trapsBefore, type Part, type Step } from "@/core/stations/take-apart";
import { Verdict } from "../shared/Verdict";
import type { InstrumentProps } from "../contract";
import { StepEditor } from "./StepEditor";
import { Thumb } from "./Thumb";
import { Wires } from "./Wires";
import { PART_OPTIONS, sentences, STATE_WORDS, stepWords, TRAP_WORDS, type Detail } from "./words";

type Props = InstrumentProps<"take-apart", Detail>;

const newStep = (part: Part): Step => ({
  id: crypto.randomUUID(),
  part,
  name: "",
  count: 1,
  place: null,
  way: "",
  photo: null,
  backAt: null,
});

/** What comes off, one press a part; the newest stands open for its details. */
export function OffPanel(props: Props) {
  const { record, assessment, change } = props;
  const [open, setOpen] = useState<string | null>(null);
  const add = (part: Part): void => {
    const step = newStep(part);
    setOpen(step.id);
    // Something came off again: it is open again.
    change((r) => ({ ...r, steps: [...r.steps, step], closedAt: null }));
  };
  const setStep = (id: string, next: Partial<Step>): void =>
    change((r) => ({ ...r, steps: r.steps.map((step) => (step.id === id ? { ...step, ...next } : step)) }));
  const inHand = record.steps.find(({ id }) => id === open);
  const last = record.steps.at(-1);
  const prompts = inHand ? trapsBefore(inHand.part) : [];
  const editorOf = (step: Step): React.ReactNode => (
    <StepEditor
      step={step}
      onStep={(next) => setStep(step.id, next)}
      onDrop={() => change((r) => ({ ...r, steps: r.steps.filter(({ id }) => id !== step.id) }))}
    />
  );
  return (
    <>
      <Verdict assessment={assessment} word={STATE_WORDS[assessment.detail.state]} sentences={sentences(assessment.detail)} />
      <fieldset>
        <legend className="heading-rule w-full">It comes off: press it</legend>
        <div className="mt-2 flex flex-wrap gap-2">
          {PART_OPTIONS.map(({ id, label }) => (
            <button key={id} type="button" className="btn" onClick={() => add(id)}>
              {label}
            </button>
          ))}
        </div>
      </fieldset>
      {prompts.length > 0 ? (
        <ul className="flex flex-col gap-1 border-l-4 border-close pl-3 text-[14px]" aria-label="Before it comes off">
          {prompts.map((trap) => (
            <li key={trap}>{TRAP_WORDS[trap]}</li>
          ))}
        </ul>
      ) : null}
      {/* The newest stands by the buttons it came from, however long the list has grown. */}
      {last && last.id === open ? (
        <section aria-label="Just came off">
          <p className="text-[17px] font-bold">
            <span className="num">{record.steps.length}</span> {stepWords(last)}
          </p>
          {editorOf(last)}
        </section>
      ) : null}
      <section aria-labelledby="came-off">
        <h2 id="came-off" className="heading-rule">
          Came off, in order <span className="caption font-normal">{record.steps.length}</span>
        </h2>
        {record.steps.length === 0 ? <p className="caption mt-2">Nothing yet.</p> : null}
        <ol>
          {record.steps.map((step, index) => (
            <li key={step.id} className="border-b border-rule-faint">
              <button
                type="button"
                className="flex min-h-[48px] w-full items-center gap-3 text-left hover:bg-press-wash"
                aria-expanded={open === step.id}
                onClick={() => setOpen(open === step.id ? null : step.id)}
              >
                <span className="num w-7 text-right text-[15px]">{index + 1}</span>
                {step.photo ? <Thumb photo={step.photo} of={stepWords(step)} /> : null}
                <span className="flex-1 text-[15px]">{stepWords(step)}</span>
                <span className="caption">{step.backAt ? "back" : "off"}</span>
              </button>
              {open === step.id && step !== last ? editorOf(step) : null}
            </li>
          ))}
        </ol>
      </section>
      <Wires {...props} />
    </>
  );
}
