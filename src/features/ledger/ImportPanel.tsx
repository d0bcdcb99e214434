"use client";
import { Upload } from "lucide-react";
import { useId, useState } from "react";
import type { Failure } from "@/core/result";
import { isEmptyPlan, type ImportPlan } from "@/records";
import { applyImport, prepareImport, type Undo, type Undone } from "@/store/import-file";
import { toSentence } from "../messages/failure-sentences";
import { countWords, undoneSentences } from "./import-words";
import { Plan } from "./Plan";

type Stage =
  | { readonly kind: "idle" }
  | { readonly kind: "refused"; readonly failure: Failure }
  | { readonly kind: "planned"; readonly plan: ImportPlan; readonly name: string }
  | { readonly kind: "done"; readonly plan: ImportPlan; readonly undo: Undo; readonly failure: Failure | null }
  | { readonly kind: "undone"; readonly undone: Undone };

/** Takes a file in: says what it would do, does it when told, and can undo it. */
export function ImportPanel() {
  const [stage, setStage] = useState<Stage>({ kind: "idle" });
  const id = useId();
  const read = async (file: File | undefined) => {
    if (!file) return;
    const result = await prepareImport(await file.text());
    setStage(result.ok ? { kind: "planned", plan: result.value, name: file.name } : { kind: "refused", failure: result.failure });
  };
  const takeIn = async (plan: ImportPlan) => {
    const taken = await applyImport(plan);
    setStage(taken.ok ? { kind: "done", plan, undo: taken.value, failure: null } : { kind: "refused", failure: taken.failure });
  };
  const takeBack = async (plan: ImportPlan, undo: Undo) => {
    const back = await undo();
    setStage(back.ok ? { kind: "undone", undone: back.value } : { kind: "done", plan, undo, failure: back.failure });
  };
  return (
    <div className="flex flex-col gap-3">
      <div>
        <input
          id={id}
          type="file"
          accept=".json,application/json"
          className="peer sr-only"
          onChange={(event) => {
            const { files } = event.target;
            void read(files?.[0]).then(() => {
              // The same file can be chosen again after it was mended.
              event.target.value = "";
            });
          }}
        />
        <label htmlFor={id} className="btn peer-focus-visible:outline-3 peer-focus-visible:outline-press">
          <Upload aria-hidden="true" size={18} />
          Choose a file to take in
        </label>
      </div>
      <div aria-live="polite">
        {stage.kind === "refused" ? (
          <p role="alert" className="border-l-4 border-out pl-3 font-medium break-words text-out">
            {toSentence(stage.failure)}
          </p>
        ) : null}
        {stage.kind === "planned" ? (
          <Plan plan={stage.plan} name={stage.name} onTakeIn={() => void takeIn(stage.plan)} onLeave={() => setStage({ kind: "idle" })} />
        ) : null}
        {stage.kind === "done" ? (
          <>
            <p className="flex flex-wrap items-center gap-3">
              Taken in: {countWords(stage.plan)}.
              {isEmptyPlan(stage.plan) ? null : (
                <button type="button" className="btn" onClick={() => void takeBack(stage.plan, stage.undo)}>
                  Undo
                </button>
              )}
            </p>
            {stage.failure ? (
              <p role="alert" className="mt-2 font-medium text-out">
                Not undone: everything is as it was taken in. {toSentence(stage.failure)}
              </p>
            ) : null}
          </>
        ) : null}
        {stage.kind === "undone" ? undoneSentences(stage.undone).map((sentence) => <p key={sentence}>{sentence}</p>) : null}
      </div>
    </div>
  );
}
