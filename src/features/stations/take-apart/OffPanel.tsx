"use client";
import { useState } from "react";
import { absenceOf } from "@/core/relevance";
import { MOST_STEPS, trapsBefore, type MotorPart, type Step } from "@/core/stations/take-apart";
import { Verdict } from "../shared/Verdict";
import type { InstrumentProps } from "../../station/contract";
import { CameOff } from "./CameOff";
import { broughtBack, moved, withCount, without, withStep, withStepChanged } from "./ledger";
import { StepEditor } from "./StepEditor";
import { Wires } from "./Wires";
import { PART_OPTIONS, sentences, STATE_WORDS, stepWords, TRAP_WORDS, type Detail } from "./words";

type Props = InstrumentProps<"take-apart", Detail>;

/** What comes off, one press a part; the newest stands open for its details. */
export function OffPanel(props: Props) {
  const { record, assessment, facts, change } = props;
  const [open, setOpen] = useState<string | null>(null);
  const [struck, setStruck] = useState<{ readonly step: Step; readonly at: number } | null>(null);
  const add = (part: MotorPart): void => {
    const id = crypto.randomUUID();
    setOpen(id);
    change((r) => withStep(r, part, id));
  };
  const strike = (step: Step): void => {
    setStruck({ step, at: record.steps.indexOf(step) });
    change((r) => without(r, step.id));
  };
  const editorOf = (step: Step): React.ReactNode => (
    <StepEditor
      step={step}
      onChange={(apply) => change((r, at) => withStepChanged(r, step.id, (each) => apply(each, at)))}
      onCount={(count) => change((r, at) => withCount(r, step.id, count, at))}
      onMove={(by) => change((r) => moved(r, step.id, by))}
      onStrike={() => strike(step)}
    />
  );
  const inHand = record.steps.find(({ id }) => id === open);
  const last = record.steps.at(-1);
  const prompts = inHand ? trapsBefore(inHand.part) : [];
  const isFull = record.steps.length >= MOST_STEPS;
  return (
    <>
      <Verdict assessment={assessment} word={STATE_WORDS[assessment.detail.state]} sentences={sentences(assessment.detail)} />
      <fieldset>
        <legend className="heading-rule w-full">It comes off: press it</legend>
        <div className="mt-2 flex flex-wrap gap-2">
          {PART_OPTIONS.filter(({ id }) => id !== "start-switch" || !absenceOf("start-gear", facts)).map(({ id, label }) => (
            <button key={id} type="button" className="btn" disabled={isFull} onClick={() => add(id)}>
              {label}
            </button>
          ))}
        </div>
        {isFull ? (
          <p className="mt-2 text-[14px]">The list holds {MOST_STEPS} lines. Count like parts on one line, with how many.</p>
        ) : null}
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
      {struck ? (
        <p role="status" className="text-[14px]">
          Struck: {stepWords(struck.step)}.{" "}
          <button
            type="button"
            className="min-h-[44px] font-semibold text-press underline"
            onClick={() => {
              setStruck(null);
              change((r) => broughtBack(r, struck.step, struck.at));
            }}
          >
            Bring it back
          </button>
        </p>
      ) : null}
      <CameOff steps={record.steps} open={open} onOpen={setOpen} editorOf={(step) => (step === last ? null : editorOf(step))} />
      <Wires {...props} />
    </>
  );
}
