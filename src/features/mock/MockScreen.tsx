"use client";
import { lazy, Suspense, useState } from "react";
import { PickOne } from "@/components/Choice";
import { LineField, NoteField } from "@/components/LineField";
import { download } from "@/components/download";
import { openPage } from "@/components/open-page";
import { PageLink } from "@/components/PageLink";
import {
  caseOfDay,
  codeOfCase,
  LESSONS,
  MOCK_LEVELS,
  nextCase,
  progressOf,
  readCaseCode,
  SEEDS,
  WISHES,
  type MockLevel,
  type MockResult,
  type MockSpec,
  type Wish,
} from "@/core/mock";
import { beginCase, useMockResults, useOpenCases } from "@/store/mock-cases";
import { toSentence } from "../messages/failure-sentences";
import { Reading, Screen } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { dayAndTime, dayOf } from "../vocabulary/clock";
import { SUSPECT_WORDS } from "../vocabulary/words";
import { LESSON_WORDS, LEVEL_WORDS, WISH_WORDS } from "./mock-words";
import { caseOfAddress } from "./passed-case";

const CaseSquare = lazy(() => import("./CaseSquare"));
const LEVELS = MOCK_LEVELS.map((id) => ({ id, label: LEVEL_WORDS[id] }));
const NO_RESULTS: readonly MockResult[] = [];

async function begin(spec: MockSpec, story = ""): Promise<void> {
  const id = await beginCase(spec, story);
  if (id) openPage(`/mock-bench/card?id=${id}`);
}

const anySeed = (): number => Math.floor(Math.random() * SEEDS);

/** Simulated motors with hidden faults, to learn on: a place of its own. */
export function MockScreen() {
  const results = useMockResults();
  const [level, setLevel] = useState<MockLevel>("plain");
  const address = useAddress();
  if (results.state === "loading" || address === null) return <Reading />;
  const done = results.state === "ready" ? results.value : NO_RESULTS;
  const day = dayOf(new Date());
  return (
    <Screen at="/mock-bench">
      <h1 className="text-[24px] font-bold">Mock bench</h1>
      <p className="mt-1 max-w-[70ch] text-[16px]">
        Simulated motors with something hidden in them. They are worked at the same stations; nothing of it goes into the Rack, the Ledger,
        the Shelf or a file.
      </p>
      <Passed passed={caseOfAddress(address)} />
      <div className="mt-5 grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_360px]">
        <div className="flex min-w-0 flex-col gap-8">
          <section aria-label="Next case" className="flex flex-col items-start gap-3">
            <h2 className="heading-rule w-full">Next case</h2>
            <PickOne legend="How much it hides" options={LEVELS} picked={level} onPick={(next) => setLevel(next ?? level)} />
            <div className="flex flex-wrap gap-2">
              <button type="button" className="btn btn-filled" onClick={() => void begin(nextCase(done, level, anySeed(), Date.now()))}>
                A motor that does not work
              </button>
              <button type="button" className="btn" onClick={() => void begin(caseOfDay(day))}>
                The case of the day
              </button>
            </div>
          </section>
          <Lessons done={done} />
          <Teacher level={level} />
        </div>
        <aside aria-label="Beside the cases" className="flex flex-col gap-8">
          <ByCode />
          <Unfinished />
          <Progress done={done} />
        </aside>
      </div>
    </Screen>
  );
}

/** A case that a square or a link brought here. */
function Passed({ passed }: { passed: ReturnType<typeof caseOfAddress> }) {
  if (passed === null) return null;
  return (
    <section aria-label="A case for you" className="mt-4 flex flex-wrap items-center gap-x-5 gap-y-2 border-2 border-ink bg-sheet p-4">
      {passed.ok ? (
        <>
          <p className="text-[16px]">
            A case was passed to you: <b className="num">{codeOfCase(passed.value.spec)}</b>
          </p>
          <button type="button" className="btn btn-filled" onClick={() => void begin(passed.value.spec, passed.value.story)}>
            Begin this case
          </button>
        </>
      ) : (
        <p role="alert">{toSentence(passed.failure)}</p>
      )}
    </section>
  );
}

/** First lessons, each a case with its point. */
function Lessons({ done }: { done: readonly MockResult[] }) {
  return (
    <section aria-label="First lessons">
      <h2 className="heading-rule">First lessons</h2>
      <ol className="flex flex-col">
        {LESSONS.map(({ id, spec }, index) => {
          const own = done.filter(({ code }) => code === codeOfCase(spec));
          const isRight = own.some(({ marks }) => marks.isRight && marks.isSafe);
          return (
            <li key={id} className="flex flex-wrap items-center gap-x-4 border-b border-rule-faint py-1.5">
              <span className="num w-7 text-right text-ink-soft">{index + 1}</span>
              <button type="button" className="link-button" onClick={() => void begin(spec)}>
                {LESSON_WORDS[id]?.title}
              </button>
              <span className="caption ml-auto">{own.length === 0 ? "" : isRight ? "Right and safe" : "Not yet"}</span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** A case that somebody passed on. */
function ByCode() {
  const [text, setText] = useState("");
  const [isAsked, setAsked] = useState(false);
  const read = readCaseCode(text);
  return (
    <section aria-label="A case by its code">
      <form
        noValidate
        className="flex flex-col gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          setAsked(true);
          if (read.ok) void begin(read.value);
        }}
      >
        <h2 className="heading-rule">A case by its code</h2>
        <LineField label="Code" isFigure text={text} onText={setText} problem={isAsked && !read.ok ? toSentence(read.failure) : null} />
        <button type="submit" className="btn self-start">
          Begin it
        </button>
      </form>
    </section>
  );
}

function Unfinished() {
  const cases = useOpenCases();
  if (cases.state !== "ready" || cases.value.length === 0) return null;
  return (
    <section aria-label="Begun, not over">
      <h2 className="heading-rule">Begun, not over</h2>
      <ul className="mt-1 flex flex-col">
        {cases.value.slice(0, 8).map(({ id, name, at }) => (
          <li key={id}>
            <PageLink href={`/mock-bench/card?id=${id}`} className="link-button inline-flex items-center gap-3">
              <span className="num">{name}</span>
              <span className="caption">{dayAndTime(at, new Date())}</span>
            </PageLink>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** By family: the last three of each, the weakest first. */
function Progress({ done }: { done: readonly MockResult[] }) {
  if (done.length === 0) return null;
  const share = (mark: keyof MockResult["marks"]): string => `${done.filter(({ marks }) => marks[mark]).length} of ${done.length}`;
  return (
    <section aria-label="How it goes" className="flex flex-col gap-2">
      <h2 className="heading-rule">How it goes</h2>
      <p className="text-[14px]">
        Right {share("isRight")}, safe {share("isSafe")}, quick {share("isQuick")}, proven {share("isProven")}.
      </p>
      <ul className="flex flex-col">
        {progressOf(done).map(({ family, right, of, cases }) => (
          <li
            key={family ?? "nothing"}
            className="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-3 border-b border-rule-faint py-1.5"
          >
            <span>{family === null ? "Nothing wrong" : SUSPECT_WORDS[family]}</span>
            <span className="flex items-center gap-1.5" aria-label={`${right} of the last ${of} right, ${cases} in all`}>
              {Array.from({ length: of }, (_, place) => (
                <span key={place} className={`inline-block h-3.5 w-3.5 border-2 border-ink ${place < right ? "bg-ink" : ""}`} />
              ))}
            </span>
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn self-start"
        onClick={() => download(JSON.stringify({ format: "vemmick-mock-results", results: done }, null, 1), "mock-bench-results.json")}
      >
        Results as a file
      </button>
    </section>
  );
}

const HIDDEN = WISHES.map((id) => ({ id, label: WISH_WORDS[id] }));

/** A case that a teacher makes, with a story of their own. */
function Teacher({ level }: { level: MockLevel }) {
  const [wish, setWish] = useState<Wish | null>(null);
  const [story, setStory] = useState("");
  const [seed] = useState(anySeed);
  const spec = wish && { seed, level, wish };
  return (
    <details>
      <summary className="link-button">Make a case for others</summary>
      <div className="mt-2 flex flex-col gap-3">
        <PickOne legend="What is hidden" options={HIDDEN} picked={wish} onPick={setWish} />
        <NoteField label="What the customer tells, in your words" text={story} onText={setStory} />
        {spec ? (
          <p>
            Its code, to be passed on: <b className="num text-[18px]">{codeOfCase(spec)}</b>
          </p>
        ) : null}
        {spec ? (
          <Suspense>
            <CaseSquare passed={{ spec, story: story.trim() }} />
          </Suspense>
        ) : null}
        <button
          type="button"
          className="btn self-start"
          disabled={spec === null}
          onClick={() => (spec ? void begin(spec, story.trim()) : undefined)}
        >
          Begin it here
        </button>
      </div>
    </details>
  );
}
