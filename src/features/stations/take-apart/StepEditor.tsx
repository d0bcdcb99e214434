"use client";
import { useState } from "react";
import { MOST_STEP_PHOTO_CHARACTERS, type Step } from "@/core/stations/take-apart";
import { PhotoButton } from "../../photo/PhotoButton";
import { Fields } from "@/features/form/Fields";
import type { ChangeRecord } from "../../station/contract";
import { STEP_ROWS } from "./fields";
import { Thumb } from "@/features/photo/Thumb";
import { PART_WORDS, stepWords } from "./words";

interface StepEditorProps {
  readonly step: Step;
  readonly onChange: (change: ChangeRecord<Step>) => void;
  readonly onCount: (count: number) => void;
  readonly onMove: (by: -1 | 1) => void;
  readonly onStrike: () => void;
}

const MOST = 99;

/** How many, where, which way round, with a photo. */
export function StepEditor({ step, onChange, onCount, onMove, onStrike }: StepEditorProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const form = { record: step, change: onChange };
  return (
    <div className="flex flex-col gap-4 bg-ground p-3" role="group" aria-label={`Details: ${PART_WORDS[step.part]}`}>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
        <div role="group" aria-label="How many" className="flex items-center gap-2">
          <button type="button" className="btn" aria-label="One fewer" disabled={step.count <= 1} onClick={() => onCount(step.count - 1)}>
            −
          </button>
          <output className="num min-w-[44px] text-center text-[20px]">{step.count}</output>
          <button type="button" className="btn" aria-label="One more" disabled={step.count >= MOST} onClick={() => onCount(step.count + 1)}>
            +
          </button>
        </div>
        <Fields of={STEP_ROWS} show={["place"]} given={form} />
      </div>
      <div className="grid gap-x-6 gap-y-3 sm:grid-cols-2">
        <Fields of={STEP_ROWS} show={["way", "name"]} given={form} />
      </div>
      <Fields of={STEP_ROWS} show={["isNew"]} given={form} />
      {step.photo ? <Thumb photo={step.photo} of={stepWords(step)} size="large" /> : null}
      <div className="flex flex-wrap gap-2">
        <PhotoButton
          label={step.photo ? "Another photo" : "Photo"}
          most={MOST_STEP_PHOTO_CHARACTERS}
          onPhoto={(photo) => onChange((each) => ({ ...each, photo }))}
          onProblem={setProblem}
        />
        {step.photo ? (
          <button type="button" className="btn" onClick={() => onChange((each) => ({ ...each, photo: null }))}>
            Take the photo away
          </button>
        ) : null}
        <button type="button" className="btn" onClick={() => onMove(-1)}>
          It came off earlier
        </button>
        <button type="button" className="btn" onClick={() => onMove(1)}>
          It came off later
        </button>
        <button type="button" className="btn" onClick={onStrike}>
          Strike this line
        </button>
      </div>
      {problem ? (
        <p role="alert" className="text-[14px] font-medium text-out">
          {problem}
        </p>
      ) : null}
    </div>
  );
}
