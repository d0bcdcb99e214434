"use client";
import { wrap } from "comlink";
import { lazy, Suspense, useEffect, useState } from "react";
import { Stamp } from "@/components/Stamp";
import { PageLink } from "@/components/PageLink";
import { codeOfCase, LESSONS, type MockMarks } from "@/core/mock";
import { formatNumber, formatProbability } from "@/core/quantity";
import { ok, type Failure, type Result } from "@/core/result";
import type { OthersWay } from "@/core/technicians";
import { parseTravellerId, type HouseRecord, type TravellerId } from "@/records";
import { useCardRows, type CardRows } from "@/store/card-rows";
import { useHouseRecord } from "@/store/house-rules";
import { openCase, useMockState, type MockState } from "@/store/mock-cases";
import { toMachineSentence } from "../messages/machine-sentences";
import { NoCard } from "../shell/NothingHere";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { inSentence } from "../vocabulary/in-sentence";
import { ACTION_WORDS } from "../vocabulary/list-words";
import { SUSPECT_WORDS } from "../vocabulary/words";
import { STATION_LABELS } from "../stations/labels";
import type { Debrief, DebriefRequest } from "./debrief";
import type { DebriefWorker } from "./debrief.worker";
import { LESSON_WORDS, MISHAP_WORDS } from "./mock-words";

const CaseSquare = lazy(() => import("./CaseSquare"));

/** A case afterwards: what it was, what each step told, and what comes next. */
export function DebriefScreen() {
  const address = useAddress();
  const id = parseTravellerId(address?.get("id") ?? null);
  if (address === null) return <Reading />;
  return <Screen at="/mock-bench">{id === null ? <NoCard at="/mock-bench" /> : <OfCard id={id} />}</Screen>;
}

function OfCard({ id }: { id: TravellerId }) {
  const [made, setMade] = useState<Debrief | null>(null);
  const card = useCardRows(id);
  const state = useMockState(id);
  const house = useHouseRecord();
  if (card.state === "failed") return <CannotRead failure={card.failure} />;
  if (card.state === "missing" || state.state === "missing") return <NoCard at="/mock-bench" />;
  if (card.state !== "ready" || state.state !== "ready" || house === null) return <Reading />;
  const ofCase = { id, card: card.value, state: state.value, house };
  return state.value.openedAt === null ? <Ask {...ofCase} onMade={setMade} /> : <Shown {...ofCase} made={made} />;
}

interface OfCase {
  readonly id: TravellerId;
  readonly card: CardRows;
  readonly state: MockState;
  readonly house: HouseRecord;
}

/** Goes through the case in a worker of its own, once. */
async function askDebrief(request: DebriefRequest): Promise<Result<Debrief, Failure>> {
  const worker = new Worker(new URL("./debrief.worker.ts", import.meta.url), { type: "module" });
  try {
    return (await wrap<DebriefWorker>(worker).debrief(request)) as Result<Debrief, Failure>;
  } finally {
    worker.terminate();
  }
}

/** What is hidden is seen once, and the case is over then: it is asked before. */
function Ask({ id, card, state, house, onMade }: OfCase & { readonly onMade: (debrief: Debrief) => void }) {
  const [isBusy, setBusy] = useState(false);
  const [failure, setFailure] = useState<Failure | null>(null);
  const open = async (): Promise<void> => {
    setBusy(true);
    const made = await askDebrief({ traveller: card.traveller, rows: card.rows, state, house });
    setBusy(false);
    if (!made.ok) return setFailure(made.failure);
    onMade(made.value);
    const { family, minutes, marks } = made.value;
    await openCase(id, { code: codeOfCase(state.spec), at: new Date().toISOString(), family, minutes, marks });
  };
  return (
    <div className="flex flex-col items-start gap-4">
      <h1 className="text-[24px] font-bold">Is this case over?</h1>
      <p className="text-[16px]">What is hidden in it is shown then, and the case is marked as it stands on the card now.</p>
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-filled" disabled={isBusy} onClick={() => void open()}>
          {isBusy ? "Going through it …" : "See what it was"}
        </button>
        <PageLink href={`/mock-bench/card?id=${id}`} className="btn">
          Back to the motor
        </PageLink>
      </div>
      {failure ? <p role="alert">{toMachineSentence(failure)}</p> : null}
    </div>
  );
}

/** The case as it was gone through when it ended; one that is looked at later is gone through once more. */
function Shown({ card, state, house, made: given }: OfCase & { readonly made: Debrief | null }) {
  const [made, setMade] = useState<Result<Debrief, Failure> | null>(given && ok(given));
  const { traveller, rows } = card;
  useEffect(() => {
    if (given) return;
    let isOver = false;
    void askDebrief({ traveller, rows, state, house }).then((done) => (isOver ? undefined : setMade(done)));
    return () => {
      isOver = true;
    };
  }, [given, traveller, rows, state, house]);
  if (made === null) return <p className="caption">Going through the case …</p>;
  if (!made.ok) return <p role="alert">{toMachineSentence(made.failure)}</p>;
  return <Told debrief={made.value} state={state} />;
}

const MARK_WORDS: readonly { readonly mark: keyof MockMarks; readonly yes: string; readonly no: string }[] = [
  { mark: "isRight", yes: "Right", no: "Not right" },
  { mark: "isSafe", yes: "Safe", no: "Not safe" },
  { mark: "isQuick", yes: "Quick", no: "Slow" },
  { mark: "isProven", yes: "Proven", no: "Not proven" },
];

const OTHERS_WORDS: Readonly<Record<string, string>> = {
  you: "You",
  follows: "The Next move",
  "down-the-strip": "Down the strip",
  "capacitor-first": "Capacitor first",
};

/** What was decided in one's own hands: one that is not proved has not come to its end. */
const yours = ({ minutes, marks, decided }: Debrief) => ({
  technician: "you",
  isRight: marks.isRight,
  decided,
  decidedMinutes: marks.isProven ? null : minutes,
  minutes: marks.isProven ? minutes : null,
});

/** The first decision is the one that is judged; what came after it is told. */
function decidedWords({ decided, isRight }: Pick<OthersWay, "decided" | "isRight">): string {
  const [first, ...more] = [...new Set(decided)].map((action) => inSentence(ACTION_WORDS[action]));
  if (first === undefined) return "Nothing was decided.";
  const then = more.length > 0 ? `, then ${more.join(", then ")}` : "";
  return `First ${first} (${isRight ? "right" : "not right"})${then}.`;
}

function Told({ debrief, state }: { debrief: Debrief; state: MockState }) {
  const { truth, minutes, steps, marks, others } = debrief;
  const code = codeOfCase(state.spec);
  const lesson = LESSONS.find(({ spec }) => codeOfCase(spec) === code);
  const mishaps = steps.filter(({ mishap }) => mishap !== null);
  const most = Math.max(0.1, ...steps.map(({ bits }) => bits));
  return (
    <div className="grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_320px]">
      <div className="flex min-w-0 flex-col gap-6">
        <header className="flex flex-col gap-2">
          <p className="caption">Case {code}, debrief</p>
          <h1 className="text-[24px] font-bold">{truth.join(" ")}</h1>
          {lesson ? <p className="text-[16px]">{LESSON_WORDS[lesson.id]?.point}</p> : null}
          <p className="flex flex-wrap items-center gap-3">
            {MARK_WORDS.map(({ mark, yes, no }) => (
              <Stamp key={mark} tone={marks[mark] ? "holds" : mark === "isSafe" ? "out" : "too-close"}>
                {marks[mark] ? yes : no}
              </Stamp>
            ))}
            <span className="num text-[16px]">{minutes} min</span>
          </p>
        </header>
        <section aria-labelledby="steps">
          <h2 id="steps" className="heading-rule">
            What each step told
          </h2>
          {steps.length === 0 ? <p className="mt-2">Nothing was done at the motor.</p> : null}
          <ol className="mt-2 flex flex-col">
            {steps.map(({ minute, what, bits, advice, lineUp, mishap }, index) => (
              <li key={index} className="grid grid-cols-[56px_minmax(0,1fr)] gap-x-3 border-b border-rule-faint py-2">
                <span className="num text-right text-ink-soft">{minute} min</span>
                <div className="min-w-0">
                  <p className="flex flex-wrap items-center gap-3 font-semibold">
                    {what}
                    {bits >= 0.05 ? (
                      <span className="flex items-center gap-2 font-normal">
                        <span
                          aria-hidden="true"
                          className="inline-block h-2 bg-ink"
                          style={{ width: `${Math.round((90 * bits) / most)}px` }}
                        />
                        <span className="num text-[14px]">{formatNumber(bits, 1)} bits</span>
                      </span>
                    ) : (
                      <span className="caption">told nothing new</span>
                    )}
                  </p>
                  <p className="text-[14px] text-ink-soft">
                    {lineUp.map(({ suspect, chance }) => `${SUSPECT_WORDS[suspect]} ${formatProbability(chance)}`).join(", ")}
                  </p>
                  <p className="text-[14px] text-ink-soft">The Next move was: {advice}.</p>
                  {mishap ? <p className="mt-1 bg-out px-2 py-1 font-semibold text-out-ink">{MISHAP_WORDS[mishap].told}</p> : null}
                </div>
              </li>
            ))}
          </ol>
        </section>
        <section aria-labelledby="others">
          <h2 id="others" className="heading-rule">
            The same case in other hands
          </h2>
          <table className="mt-1 w-full text-[15px]">
            <thead>
              <tr className="caption">
                <td />
                <td />
                <th scope="col" className="py-1 text-right font-normal">
                  to the decision
                </th>
                <th scope="col" className="py-1 pl-4 text-right font-normal">
                  to the end
                </th>
              </tr>
            </thead>
            <tbody>
              {[yours(debrief), ...others].map((way) => (
                <tr key={way.technician} className="border-b border-rule-faint align-top">
                  <th scope="row" className="py-1.5 pr-4 text-left font-semibold">
                    {OTHERS_WORDS[way.technician]}
                  </th>
                  <td className="py-1.5 pr-4">{decidedWords(way)}</td>
                  {[way.decidedMinutes, way.minutes].map((minutes, column) => (
                    <td key={column} className="num py-1.5 pl-4 text-right whitespace-nowrap">
                      {minutes === null ? "–" : `${minutes} min`}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
      <aside aria-label="What comes next" className="flex flex-col gap-6">
        {mishaps.length > 0 ? (
          <section>
            <h2 className="heading-rule">What was unsafe</h2>
            <ul className="mt-2 flex flex-col gap-2">
              {[...new Set(mishaps.map(({ mishap }) => mishap))].map((mishap) =>
                mishap ? <li key={mishap}>{MISHAP_WORDS[mishap].kept}</li> : null,
              )}
            </ul>
          </section>
        ) : null}
        <section className="flex flex-col items-start gap-2">
          <h2 className="heading-rule w-full">What comes next</h2>
          {lesson ? (
            <PageLink href={`/bench?station=${lesson.read}`} className="text-press underline">
              Read how it is done: {STATION_LABELS[lesson.read].title}
            </PageLink>
          ) : null}
          <PageLink href="/mock-bench" className="btn btn-filled">
            Another case
          </PageLink>
          <p className="text-[14px]">
            The same case again, here or anywhere: <b className="num whitespace-nowrap">{code}</b>
          </p>
          <Suspense>
            <CaseSquare passed={state} />
          </Suspense>
        </section>
      </aside>
    </div>
  );
}
