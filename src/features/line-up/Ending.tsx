"use client";
import { lazy, Suspense, useState } from "react";
import type { EndId } from "@/core/job";
import type { TravellerId } from "@/records";
import type { CaseProps } from "./case-props";
import { inSentence } from "../vocabulary/in-sentence";
import type { NextWords } from "./case-words";
import { NEXT_BUTTON } from "./next-button";

const NameIt = lazy(() => import("../naming/NameIt"));
const SpareToShelf = lazy(() => import("../spare/SpareToShelf"));

type GoWords = Extract<NextWords, { kind: "go" }>;

/** How it ends is known, and nothing is left but to sign off. */
export function SignOff({ words, names, onNames, onFinish }: { words: string } & Pick<CaseProps, "names" | "onNames" | "onFinish">) {
  // It is asked once, and stays while the name is typed.
  const [isUnnamed] = useState(names.machine.trim() === "");
  return (
    <section aria-label="Next move" className="bg-press p-3.5 text-press-ink">
      <p className="text-[12.5px] text-press-soft">Next move</p>
      <h2 className="text-[18px] font-bold">Sign off</h2>
      <p className="mt-1 text-[14px]">{words} Sign off to close it; it can be opened again.</p>
      {isUnnamed ? (
        <Suspense>
          <NameIt
            id={names.id}
            names={names}
            onNames={onNames}
            why={
              names.machine.trim() === ""
                ? "It has no name yet. Named, its next visit has these readings beside it."
                : "Named: its next visit has these readings beside it."
            }
            className="mt-2 bg-sheet p-2.5 text-ink"
          />
        </Suspense>
      ) : null}
      <button type="button" className={`${NEXT_BUTTON} mt-2.5`} onClick={onFinish}>
        Sign off
      </button>
    </section>
  );
}

/** The proof speaks against the decision: three ways on from there. */
export function Contradicted({
  doubts,
  move,
  onGo,
}: { doubts: readonly string[]; move: GoWords["move"] | null } & Pick<CaseProps, "onGo">) {
  return (
    <section aria-label="Next move" className="border-2 border-out p-3.5">
      <h2 className="text-[18px] font-bold">The proof contradicts the decision</h2>
      {doubts.map((sentence) => (
        <p key={sentence} className="mt-1 text-[14px]">
          {sentence}
        </p>
      ))}
      <p className="mt-1 text-[14px]">It is not signed off as repaired over this. Measure again, decide again, or say how it ends.</p>
      {move ? (
        <>
          <p className="mt-1 text-[14px]">The line-up is of what is left: what was put right counts as far as it may not have held.</p>
          <p className="mt-1 text-[14px]">
            <b>Next: {inSentence(move.title)}.</b> {move.reason}
          </p>
        </>
      ) : null}
      <div className="mt-2.5 flex flex-wrap gap-2">
        {move && move.target !== "decide" ? (
          <button type="button" className="btn btn-filled" onClick={() => onGo(move.target, move.method)}>
            {move.button}
          </button>
        ) : null}
        <button type="button" className={`btn ${move && move.target !== "decide" ? "" : "btn-filled"}`} onClick={() => onGo("decide")}>
          Decide again
        </button>
        <button type="button" className="btn" onClick={() => onGo("prove")}>
          Measure again
        </button>
        <button type="button" className="btn btn-plain" onClick={() => onGo("end")}>
          How it ends
        </button>
      </div>
    </section>
  );
}

/** Every other test that may be made here, by what it tells; a station can be skipped where it is opened. */
export function Others({ others, onGo }: Pick<GoWords, "others"> & Pick<CaseProps, "onGo">) {
  return (
    <>
      <p className="text-[14px]">By what they tell for their minutes. Any station can be opened from the strip, too.</p>
      <ul className="mt-2">
        {others.map(({ title, caption, target, method }) => (
          <li key={title} className="border-b border-rule-faint">
            <button
              type="button"
              className="flex min-h-[48px] w-full items-center justify-between gap-3 text-left"
              onClick={() => onGo(target, method)}
            >
              <span className="font-semibold">{title}</span>
              <span className="caption">{caption}</span>
            </button>
          </li>
        ))}
      </ul>
      {others.length === 0 ? <p className="mt-2">No other test is left that may be made here.</p> : null}
    </>
  );
}

/** It is in the ledger: papers, and what may come after. */
export function SignedOff({
  id,
  finished,
  end,
  onFinish,
  onCameBack,
}: { id: TravellerId; end: EndId | null; finished: NonNullable<CaseProps["finished"]> } & Pick<CaseProps, "onFinish" | "onCameBack">) {
  const [isShelving, setShelving] = useState(false);
  const isSpare = end === "tested-spare" || end === "condemned" || end === "proved-without-load";
  return (
    <section aria-label="Next move" className="border-2 border-press p-3.5">
      <h2 className="text-[18px] font-bold">Signed off</h2>
      <p className="mt-1 text-[14px]">
        {finished.isWithinCallback
          ? `It is in the ledger. If it comes back within ${finished.callbackDays} days, press It came back: the complaint is asked anew, with this card beside it.`
          : `It is in the ledger, signed off more than ${finished.callbackDays} days ago. A new complaint is a new visit, with these readings beside it.`}
      </p>
      {/* What the customer and the next visit get: one press from here. */}
      <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label="Papers of this card">
        <a className="btn" href={`/print?id=${id}&view=customer`}>
          Report for the customer
        </a>
        <a className="btn" href={`/print?id=${id}`}>
          Print view
        </a>
        {isSpare ? (
          <button type="button" className="btn" aria-expanded={isShelving} onClick={() => setShelving(!isShelving)}>
            To the Shelf
          </button>
        ) : null}
      </div>
      {isShelving ? (
        <Suspense>
          <SpareToShelf id={id} />
        </Suspense>
      ) : null}
      <div className="mt-2 flex flex-wrap gap-2">
        <button type="button" className="btn" onClick={onCameBack}>
          {finished.isWithinCallback ? "It came back" : "New visit to this motor"}
        </button>
        <button type="button" className="btn btn-plain" onClick={onFinish}>
          Put back on the rack
        </button>
      </div>
    </section>
  );
}
