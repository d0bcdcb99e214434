"use client";
import { Upload } from "lucide-react";
import { useId, useState } from "react";
import { LongWorkBar, type Done } from "@/components/LongWorkBar";
import type { Failure } from "@/core/result";
import type { ImportOutline } from "@/records";
import type { Import } from "@/store/files";
import type { Undone } from "@/store/import-file";
import { toSentence } from "../messages/failure-sentences";
import { countWords, isNothingNew, undoneSentences } from "./import-words";
import { Plan } from "./Plan";

/** A plan with the import that can do it. */
interface Planned {
  readonly plan: ImportOutline;
  readonly source: Import;
}

type Stage =
  | { readonly kind: "idle" }
  | { readonly kind: "at-work"; readonly what: string; readonly at: Done | null; readonly stop: () => void }
  | { readonly kind: "refused"; readonly failure: Failure }
  | (Planned & { readonly kind: "planned"; readonly name: string })
  | (Planned & { readonly kind: "done"; readonly failure: Failure | null })
  | { readonly kind: "undone"; readonly undone: Undone };

/** Takes a file in: says what it would do, does it when told, and can undo it. */
export default function ImportPanel() {
  const [stage, setStage] = useState<Stage>({ kind: "idle" });
  const id = useId();
  const goOn = (done: number, all: number) => setStage((now) => (now.kind === "at-work" ? { ...now, at: { done, all } } : now));
  const read = async (file: File | undefined) => {
    if (!file) return;
    const { openImport } = await import("@/store/files");
    const source = openImport(file, goOn);
    setStage({ kind: "at-work", what: "Reading the file", at: null, stop: source.plan.stop });
    const planned = await source.plan.done;
    if (!planned.ok) source.close();
    setStage(
      planned.ok ? { kind: "planned", plan: planned.value, name: file.name, source } : { kind: "refused", failure: planned.failure },
    );
  };
  const takeIn = async ({ plan, source }: Planned) => {
    const { done, stop } = source.apply(goOn);
    setStage({ kind: "at-work", what: "Taking it in", at: null, stop });
    const taken = await done;
    if (!taken.ok) source.close();
    setStage(taken.ok ? { kind: "done", plan, source, failure: null } : { kind: "refused", failure: taken.failure });
  };
  const takeBack = async ({ plan, source }: Planned) => {
    const back = await source.undo();
    if (back.ok) source.close();
    setStage(back.ok ? { kind: "undone", undone: back.value } : { kind: "done", plan, source, failure: back.failure });
  };
  const leave = ({ source }: Planned) => {
    source.close();
    setStage({ kind: "idle" });
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
      {stage.kind === "at-work" ? <LongWorkBar what={stage.what} at={stage.at} onStop={stage.stop} /> : null}
      <div aria-live="polite">
        {stage.kind === "refused" ? (
          <p role="alert" className="border-l-4 border-out pl-3 font-medium break-words text-out">
            {toSentence(stage.failure)}
          </p>
        ) : null}
        {stage.kind === "planned" ? (
          <Plan plan={stage.plan} name={stage.name} onTakeIn={() => void takeIn(stage)} onLeave={() => leave(stage)} />
        ) : null}
        {stage.kind === "done" ? (
          <>
            <p className="flex flex-wrap items-center gap-3">
              Taken in: {countWords(stage.plan)}.
              {isNothingNew(stage.plan) ? null : (
                <button type="button" className="btn" onClick={() => void takeBack(stage)}>
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
