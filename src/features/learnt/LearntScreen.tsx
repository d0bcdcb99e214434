"use client";
import { PageLink } from "@/components/PageLink";
import type { WorkOutcome } from "@/core/learnt";
import { formatNumber } from "@/core/quantity";
import { toHouse, type RuleChange } from "@/records";
import type { HouseLearnt } from "@/store/learnt-calls";
import { useHouseRecord } from "@/store/house-rules";
import { useLearnt } from "@/store/useLearnt";
import { toFileSentence } from "../messages/file-sentences";
import { Reading, Screen } from "../shell/Screen";
import { ACTION_WORDS } from "../vocabulary/list-words";
import { MACHINE_WORDS, MOTOR_TYPE_WORDS, SUSPECT_WORDS } from "../vocabulary/words";
import { Offers } from "./Offers";
import { outcomeWords, rateWords } from "./words";
import { COMPLAINT_WORDS } from "@/features/vocabulary/complaint-words";

/** What the house's own cards say of its work, and the rules that could follow them. */
export function LearntScreen() {
  const record = useHouseRecord();
  const figures = record === null ? null : toHouse(record).figures;
  const answer = useLearnt(figures);
  return (
    <Screen at="/ledger">
      <h1 className="text-[24px] font-bold">What this house has learnt</h1>
      {answer === null || figures === null ? (
        <Reading />
      ) : !answer.ok ? (
        <p role="alert" className="mt-3 text-out">
          {toFileSentence(answer.failure)}
        </p>
      ) : (
        <Learnt found={answer.value} withinDays={figures.callbackDays} changes={record?.changes ?? NO_CHANGES} />
      )}
    </Screen>
  );
}

const NO_CHANGES: readonly RuleChange[] = [];

interface LearntProps {
  readonly found: HouseLearnt;
  readonly withinDays: number;
  readonly changes: readonly RuleChange[];
}

function Learnt({ found, withinDays, changes }: LearntProps) {
  const { learnt, offers, isDemo } = found;
  if (learnt.cards === 0)
    return (
      <p id="nothing-learnt" className="mt-3 max-w-[60ch] text-[17px]">
        Nothing yet. It learns from cards that were signed off with a work on them: whether they come back, what it was, and how long it
        took. Every such card of the <PageLink href="/ledger">Ledger</PageLink> counts.
      </p>
    );
  return (
    <>
      <p className="mt-1 max-w-[72ch] text-[14px] text-ink-soft">
        From {learnt.cards} signed-off cards{isDemo ? " of the demo; your own cards take their place as soon as there is one" : ""}. Came
        back means: a card of its own within {formatNumber(withinDays, 0)} days, as House rules say. Few cases allow a wide interval.
      </p>
      <div className="mt-4 grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_420px]">
        <div className="flex min-w-0 flex-col gap-7">
          <Outcomes
            title="By work"
            rows={Object.entries(learnt.byWork).map(([work, outcome]) => ({
              id: work,
              name: ACTION_WORDS[work as keyof typeof ACTION_WORDS],
              outcome,
            }))}
          />
          <Outcomes
            title="By maker of the part"
            rows={learnt.byMaker.map(({ work, maker, outcome }) => ({
              id: `${work} ${maker}`,
              name: `${maker}: ${ACTION_WORDS[work].toLowerCase()}`,
              outcome,
            }))}
          />
          <Outcomes
            title="By machine"
            rows={learnt.byMachine.map(({ machine, outcome }) => ({ id: machine, name: MACHINE_WORDS[machine], outcome }))}
          />
          <Outcomes
            title="By motor type"
            rows={learnt.byType.map(({ type, outcome }) => ({ id: type, name: MOTOR_TYPE_WORDS[type], outcome }))}
          />
          <Causes causes={learnt.causes} />
          <Minutes minutes={learnt.minutes} />
        </div>
        <Offers offers={offers} isDemo={isDemo} changes={changes} />
      </div>
    </>
  );
}

interface OutcomeRow {
  readonly id: string;
  readonly name: string;
  readonly outcome: WorkOutcome;
}

function Outcomes({ title, rows }: { title: string; rows: readonly OutcomeRow[] }) {
  if (rows.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="heading-rule">{title}</h2>
      <ul>
        {rows.map(({ id, name, outcome }) => (
          <li key={id} className="border-b border-rule-faint py-1.5 text-[14px]">
            <span className="flex flex-wrap items-baseline justify-between gap-x-4">
              <b className="font-semibold">{name}</b>
              <Interval outcome={outcome} />
            </span>
            <span className="caption block">{outcomeWords(outcome)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The interval to scale: from none to all of them coming back. */
function Interval({ outcome: { returns } }: { outcome: WorkOutcome }) {
  if (returns.cases === 0) return null;
  return (
    <svg viewBox="0 0 160 12" className="h-3 w-40" aria-hidden="true">
      <line x1={0} x2={160} y1={6} y2={6} stroke="var(--rule)" strokeWidth={1.5} />
      <line x1={returns.low * 160} x2={returns.high * 160} y1={6} y2={6} stroke="var(--press)" strokeWidth={5} />
      <circle cx={(returns.hits / returns.cases) * 160} cy={6} r={4} fill="var(--ink)" />
    </svg>
  );
}

function Causes({ causes }: { causes: HouseLearnt["learnt"]["causes"] }) {
  if (causes.length === 0) return null;
  return (
    <section aria-label="What complaints turned out to be">
      <h2 className="heading-rule">
        What complaints turned out to be <span className="caption font-normal">clear and proved cases</span>
      </h2>
      <ul>
        {causes.map(({ complaint, cause, rate }) => (
          <li
            key={`${complaint} ${cause}`}
            className="flex flex-wrap justify-between gap-x-4 border-b border-rule-faint py-1.5 text-[14px]"
          >
            <span>
              {COMPLAINT_WORDS[complaint]} → {SUSPECT_WORDS[cause]}
            </span>
            <span className="num text-[13.5px]">
              {rate.hits} of {rate.cases}; {rateWords(rate)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Minutes({ minutes }: { minutes: HouseLearnt["learnt"]["minutes"] }) {
  const rows = Object.entries(minutes);
  if (rows.length === 0) return null;
  return (
    <section aria-label="Minutes really taken">
      <h2 className="heading-rule">
        Minutes really taken <span className="caption font-normal">between the first and the last thing keyed, breaks left out</span>
      </h2>
      <ul>
        {rows.map(([work, { cases, median, lower, upper }]) => (
          <li key={work} className="flex flex-wrap justify-between gap-x-4 border-b border-rule-faint py-1.5 text-[14px]">
            <span>{ACTION_WORDS[work as keyof typeof ACTION_WORDS]}</span>
            <span className="num text-[13.5px]">
              {formatNumber(median, 0)} min
              {cases > 1 ? `; half of ${cases} took ${formatNumber(lower, 0)}–${formatNumber(upper, 0)}` : "; one job"}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
