"use client";
import { lazy, Suspense, useState } from "react";
import type { CaseProps } from "./case-props";
import type { NextWords } from "./case-words";
import { NEXT_BUTTON } from "./next-button";

/** What is drawn at the end of a job, and on request: it comes when it is needed. */
const ending = () => import("./Ending");
const SignOff = lazy(async () => ({ default: (await ending()).SignOff }));
const SignedOff = lazy(async () => ({ default: (await ending()).SignedOff }));
const Contradicted = lazy(async () => ({ default: (await ending()).Contradicted }));
const Others = lazy(async () => ({ default: (await ending()).Others }));
const Sheet = lazy(() => import("@/components/Sheet"));

type NextMoveProps = { readonly words: NextWords } & Pick<CaseProps, "names" | "onNames" | "finished" | "onGo" | "onFinish" | "onCameBack">;

/** What to do now, why, and what each outcome would mean; or another move, if a person prefers it. */
export function NextMove({ words, names, onNames, finished, onGo, onFinish, onCameBack }: NextMoveProps) {
  if (finished)
    return (
      <Suspense>
        <SignedOff
          id={names.id}
          end={words.kind === "sign-off" ? words.end : null}
          finished={finished}
          onFinish={onFinish}
          onCameBack={onCameBack}
        />
      </Suspense>
    );
  if (words.kind === "sign-off")
    return (
      <Suspense>
        <SignOff words={words.words} names={names} onNames={onNames} onFinish={onFinish} />
      </Suspense>
    );
  if (words.kind === "contradicted")
    return (
      <Suspense>
        <Contradicted doubts={words.doubts} move={words.move} onGo={onGo} />
      </Suspense>
    );
  return <Proposed words={words} onGo={onGo} />;
}

type GoWords = Extract<NextWords, { kind: "go" }>;

function Proposed({ words: { move, outcomes, others }, onGo }: { words: GoWords } & Pick<CaseProps, "onGo">) {
  const [isAsking, setAsking] = useState(false);
  return (
    <section aria-label="Next move" className="bg-press p-3.5 text-press-ink">
      <p className="text-[12.5px] text-press-soft">Next move · {move.caption}</p>
      <h2 className="mt-0.5 text-[18px] font-bold">{move.title}</h2>
      <p className="mt-1 text-[14px]">{move.reason}</p>
      {outcomes.length > 0 ? (
        <ul aria-label="What each outcome would mean" className="mt-1 text-[13px] text-press-soft">
          {outcomes.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      ) : null}
      <div className="mt-2.5 flex flex-wrap items-center gap-x-4 gap-y-2">
        <button type="button" className={NEXT_BUTTON} onClick={() => onGo(move.target, move.method)}>
          {move.button}
        </button>
        <button type="button" className="min-h-[44px] font-semibold underline" onClick={() => setAsking(true)}>
          another
        </button>
      </div>
      {isAsking ? (
        <Suspense>
          <Sheet title="Another move" onClose={() => setAsking(false)}>
            <Others
              others={others}
              onGo={(station, method) => {
                setAsking(false);
                onGo(station, method);
              }}
            />
          </Sheet>
        </Suspense>
      ) : null}
    </section>
  );
}
