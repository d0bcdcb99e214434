"use client";
import { Upload } from "lucide-react";
import { useId, useState } from "react";
import type { Failure } from "@/core/result";
import { isEmptyPlan, type ImportPlan } from "@/records";
import { applyImport, prepareImport } from "@/store/files";
import { toSentence } from "../messages/failure-sentences";

type Stage =
  | { readonly kind: "idle" }
  | { readonly kind: "refused"; readonly failure: Failure }
  | { readonly kind: "planned"; readonly plan: ImportPlan; readonly name: string }
  | { readonly kind: "done"; readonly plan: ImportPlan; readonly undo: () => Promise<boolean> }
  | { readonly kind: "undone" };

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
    const undo = await applyImport(plan);
    setStage(undo ? { kind: "done", plan, undo } : { kind: "idle" });
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
          <p className="flex flex-wrap items-center gap-3">
            Taken in: {countWords(stage.plan)}.
            <button type="button" className="btn" onClick={() => void stage.undo().then(() => setStage({ kind: "undone" }))}>
              Undo
            </button>
          </p>
        ) : null}
        {stage.kind === "undone" ? <p>Undone: everything is as it was before.</p> : null}
      </div>
    </div>
  );
}

function countWords({ newTravellers, changedTravellers, keptTravellers, putParts, putHouse }: ImportPlan): string {
  const parts = [`${newTravellers.length} new`, `${changedTravellers.length} changed`, `${keptTravellers} left as they are`];
  if (putParts.length > 0) parts.push(`${putParts.length} shelf lines`);
  return `${parts.join(", ")}${putHouse ? ", house rules replaced" : ""}`;
}

function Plan({ plan, name, onTakeIn, onLeave }: { plan: ImportPlan; name: string; onTakeIn: () => void; onLeave: () => void }) {
  const cards = [
    ...plan.newTravellers.map((t) => ({ ...t, word: "new" })),
    ...plan.changedTravellers.map((t) => ({ ...t, word: "changed" })),
  ];
  return (
    <div className="border-2 border-ink p-4">
      <p className="font-semibold break-words">
        {name}: {countWords(plan)}.
      </p>
      <ul className="mt-2 max-h-48 overflow-y-auto text-[14px]">
        {cards.slice(0, 40).map((card) => (
          <li key={card.id} className="break-words">
            {card.machine || "Machine not named"} · {card.site || "no site"} · {card.word}
          </li>
        ))}
        {cards.length > 40 ? <li>and {cards.length - 40} more</li> : null}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className="btn btn-filled" disabled={isEmptyPlan(plan)} onClick={onTakeIn}>
          Take it in
        </button>
        <button type="button" className="btn" onClick={onLeave}>
          Leave it
        </button>
      </div>
      {isEmptyPlan(plan) ? <p className="caption mt-2">Everything in it is here already, as new or newer.</p> : null}
    </div>
  );
}
