"use client";
import { useEffect, useEffectEvent, useRef, useState } from "react";
import { LongWorkBar, type Done } from "@/components/LongWorkBar";
import type { Failure } from "@/core/result";
import type { ImportOutline } from "@/records";
import { openImport, type Import } from "@/store/files";
import type { Undone } from "@/store/import-file";
import { toFileSentence } from "../messages/file-sentences";
import { countWords, isNothingNew, undoneSentences } from "./import-words";
import { Plan } from "./Plan";

/** A plan with the import that can do it. */
interface Planned {
  readonly plan: ImportOutline;
  readonly source: Import;
}

type Stage =
  | { readonly kind: "idle" }
  | { readonly kind: "at-work"; readonly what: string; readonly at: Done | null; readonly stop: (() => void) | null }
  | { readonly kind: "refused"; readonly failure: Failure }
  | (Planned & { readonly kind: "planned" })
  | (Planned & { readonly kind: "done"; readonly failure: Failure | null })
  | { readonly kind: "undone"; readonly undone: Undone };

interface ImportPanelProps {
  readonly file: File;
  /** there is nothing here it could change */
  readonly isTakenAtOnce?: boolean;
  readonly onLeave: () => void;
}

/** Takes a file in: says what it would do, does it when told, and can undo it. Each file has a panel of its own. */
export default function ImportPanel({ file, isTakenAtOnce = false, onLeave }: ImportPanelProps) {
  const current = useRef<Import | null>(null);
  const [stage, setStage] = useState<Stage>({
    kind: "at-work",
    what: "Reading the file",
    at: null,
    stop: null,
  });
  const goOn = (done: number, all: number) => setStage((now) => (now.kind === "at-work" ? { ...now, at: { done, all } } : now));
  const takeIn = async ({ plan, source }: Planned) => {
    const { done, stop } = source.apply(goOn);
    setStage({ kind: "at-work", what: "Taking it in", at: null, stop });
    const taken = await done;
    setStage(taken.ok ? { kind: "done", plan, source, failure: null } : { kind: "refused", failure: taken.failure });
  };
  const onRead = useEffectEvent((source: Import, planned: Awaited<Import["plan"]["done"]>) => {
    // Another file was chosen meanwhile.
    if (current.current !== source) return;
    if (!planned.ok) setStage({ kind: "refused", failure: planned.failure });
    else if (isTakenAtOnce && planned.value.faults.length === 0) void takeIn({ plan: planned.value, source });
    else setStage({ kind: "planned", plan: planned.value, source });
  });
  const onProgress = useEffectEvent(goOn);
  useEffect(() => {
    const source = openImport(file, (done, all) => onProgress(done, all));
    current.current = source;
    void source.plan.done.then((planned) => onRead(source, planned));
    return () => {
      current.current = null;
      source.close();
    };
  }, [file]);
  const takeBack = async ({ plan, source }: Planned) => {
    const back = await source.undo();
    setStage(back.ok ? { kind: "undone", undone: back.value } : { kind: "done", plan, source, failure: back.failure });
  };
  return (
    <div className="flex flex-col gap-3">
      {stage.kind === "at-work" ? (
        <LongWorkBar what={stage.what} at={stage.at} onStop={stage.stop ?? (() => current.current?.plan.stop())} />
      ) : null}
      <div aria-live="polite">
        {stage.kind === "refused" ? (
          <p role="alert" className="border-l-4 border-out pl-3 font-medium break-words text-out">
            {toFileSentence(stage.failure)}
          </p>
        ) : null}
        {stage.kind === "planned" ? (
          <Plan plan={stage.plan} name={file.name} onTakeIn={() => void takeIn(stage)} onLeave={onLeave} />
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
                Not undone: everything is as it was taken in. {toFileSentence(stage.failure)}
              </p>
            ) : null}
          </>
        ) : null}
        {stage.kind === "undone" ? undoneSentences(stage.undone).map((sentence) => <p key={sentence}>{sentence}</p>) : null}
      </div>
    </div>
  );
}
