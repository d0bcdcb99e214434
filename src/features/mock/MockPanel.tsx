"use client";
import { useEffect, useMemo, useState } from "react";
import { PageLink } from "@/components/PageLink";
import { shownText } from "@/core/hold";
import { actOn, mockCase, safePlaces, TIP_TESTS, tipPlaces, worldAfter, type MockAct, type MockWorld, type TipPlace } from "@/core/mock";
import type { CardFacts, StationId } from "@/core/stations";
import type { Facts } from "@/core/facts";
import type { TestId } from "@/core/trade";
import type { TravellerId } from "@/records";
import { doAct, useMockState, type MockState } from "@/store/mock-cases";
import { stationRowInHand } from "@/store/write";
import { LINK_WANTED, rememberMeter } from "../meter-link/remembered";
import { theLink } from "../meter-link/the-link";
import { mockMeter, putTips } from "./mock-meter";
import { HAND_ACTS, MISHAP_WORDS, placeWords, seenWords } from "./mock-words";

interface MockPanelProps {
  readonly id: TravellerId;
  readonly station: StationId;
  readonly method: string | null;
  readonly facts: CardFacts & Pick<Facts, "worksDone" | "isApart">;
}

/** The simulated motor beside the card: what hands and instruments have of it, the minutes, and what goes wrong. */
export default function MockPanel({ id, station, method, facts }: MockPanelProps) {
  const state = useMockState(id);
  if (state.state !== "ready") return null;
  if (state.value.openedAt !== null)
    return (
      <p className="no-print border-2 border-dashed border-ink px-3 py-2">
        This case is over.{" "}
        <PageLink href={`/mock-bench/debrief?id=${id}`} className="text-press underline">
          Debrief
        </PageLink>
      </p>
    );
  return <AtMotor key={station} id={id} station={station} method={method} facts={facts} state={state.value} />;
}

/** The part that a work put in, by its label. */
function labelOf(id: TravellerId, work: string): string {
  const data = stationRowInHand(id, "out-in")?.data as
    { works?: Readonly<Record<string, { pieces?: readonly { label?: string }[] }>> } | undefined;
  return data?.works?.[work]?.pieces?.[0]?.label ?? "";
}

/** What the card says was done is done at the motor too. */
function useWorksDone(id: TravellerId, { acts }: MockState, { worksDone, isApart }: MockPanelProps["facts"]): void {
  const done = acts.flatMap(({ act }) => (act.kind === "work" ? [act.work] : [])).join();
  const wasApart = acts.findLast(({ act }) => act.kind === "apart" || act.kind === "closed")?.act.kind === "apart";
  useEffect(() => {
    const next = worksDone.find(({ work }) => !done.split(",").includes(work));
    if (next) void doAct(id, { kind: "work", work: next.work, label: labelOf(id, next.work) });
  }, [id, done, worksDone]);
  useEffect(() => {
    if (isApart !== wasApart) void doAct(id, { kind: isApart ? "apart" : "closed" });
  }, [id, isApart, wasApart]);
}

interface AtMotorProps extends MockPanelProps {
  readonly state: MockState;
}

function AtMotor({ id, station, method, facts, state }: AtMotorProps) {
  const { spec, acts } = state;
  const hidden = useMemo(() => mockCase(spec), [spec]);
  const world = useMemo(() => worldAfter(hidden, acts), [hidden, acts]);
  const [seen, setSeen] = useState<readonly string[]>([]);
  useWorksDone(id, state, facts);
  useEffect(() => () => putTips(null), []);
  const act = (done: MockAct): void => {
    const after = actOn(world, done, new Date().toISOString());
    setSeen(mishapWords(world, after.world) ?? (after.seen ? seenWords(after.seen) : nothingWords(world, done)));
    void doAct(id, done);
  };
  const tests = TIP_TESTS[station] ?? [];
  const test = station === "capacitor" ? (method === "running" ? "capacitor-running" : "capacitor-meter") : null;
  return (
    <section aria-label="Mock bench" className="no-print flex flex-col gap-2 border-2 border-dashed border-ink px-3 py-2">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="caption font-semibold">
          <span className="mr-2 border border-ink px-1.5 font-bold text-ink">simulated</span>
          Mock bench · <span className="num">{Math.round(world.minutes)}</span> min · power {world.isLive ? "on" : "off"}
        </h2>
        <span className="flex gap-3">
          <PageLink href="/mock-bench" className="link-button inline-flex items-center">
            All cases
          </PageLink>
          <PageLink href={`/mock-bench/debrief?id=${id}`} className="link-button inline-flex items-center">
            Finish and see what it was
          </PageLink>
        </span>
      </div>
      <div className="flex flex-wrap gap-2">
        {(HAND_ACTS[station] ?? []).map(({ label, act: done }) => (
          <button key={label} type="button" className="btn" onClick={() => act(done)}>
            {label}
          </button>
        ))}
      </div>
      {seen.length > 0 ? (
        <div role="status" className="border-l-4 border-rule pl-3 text-[16px]">
          {seen.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </div>
      ) : null}
      {tests.length > 0 || station === "make-safe" ? (
        <Tips id={id} station={station} tests={test ? [test] : tests} world={world} onSaid={setSeen} />
      ) : null}
    </section>
  );
}

/** What went wrong by an act, with what keeps it away; null: nothing did. */
function mishapWords(before: MockWorld, after: MockWorld): readonly string[] | null {
  const mishap = after.mishaps[before.mishaps.length];
  return mishap ? [MISHAP_WORDS[mishap.what].told, MISHAP_WORDS[mishap.what].kept] : null;
}

const nothingWords = ({ isLive }: MockWorld, act: MockAct): readonly string[] => {
  if (act.kind === "off") return ["Off, and locked. Prove it dead."];
  if (act.kind === "on") return ["Power is on."];
  return isLive ? [] : ["There is no power: nothing moves, and nothing is there to read."];
};

interface TipsProps {
  readonly id: TravellerId;
  readonly station: StationId;
  readonly tests: readonly TestId[];
  readonly world: MockWorld;
  readonly onSaid: (sentences: readonly string[]) => void;
}

function placesAt(
  station: StationId,
  tests: readonly TestId[],
  world: MockWorld,
): readonly (TipPlace & { readonly test: TestId | null })[] {
  const at = new Date().toISOString();
  if (station === "make-safe") return safePlaces(world, at).map((place) => ({ ...place, test: null }));
  const all = tests.flatMap((test) => tipPlaces(world, station, test, at).map((place) => ({ ...place, test })));
  return all.filter((place, index) => all.findIndex(({ id }) => id === place.id) === index);
}

/** Places where tips, clamp and tester are put, by a tap; what they show stands there, and goes to the fields by the link. */
function Tips({ id, station, tests, world, onSaid }: TipsProps) {
  const places = useMemo(() => placesAt(station, tests, world), [station, tests, world]);
  const [on, setOn] = useState<string | null>(null);
  const [begun, setBegun] = useState<ReadonlySet<string>>(new Set());
  const there = places.find((place) => place.id === on);
  const touch = (place: (typeof places)[number]): void => {
    if (on === place.id) {
      setOn(null);
      putTips(null);
      return;
    }
    const { test } = place;
    if (test !== null) {
      // Every touch meets the power as it is; its minutes are those of the first.
      const done: MockAct = { kind: "tips", test };
      const after = actOn(world, done, new Date().toISOString());
      const mishap = mishapWords(world, after.world);
      const isFirst = !begun.has(test);
      if (isFirst || mishap) void doAct(id, done);
      if (mishap || after.seen === null) return onSaid(mishap ?? nothingWords(world, done));
      setBegun(new Set([...begun, test]));
      if (isFirst) onSaid(seenWords(after.seen));
    }
    setOn(place.id);
    putTips({ quantity: place.quantity, entry: place.entry });
  };
  const link = (): void => {
    const { link: line, signals } = theLink();
    signals.wake();
    rememberMeter("stand-in");
    void line.open(mockMeter());
    document.dispatchEvent(new Event(LINK_WANTED));
  };
  return (
    <div className="flex flex-col gap-2">
      <p className="caption">Put the instrument on; tap again to lift it.</p>
      <div role="group" aria-label="Where the instrument is put" className="flex flex-wrap gap-2">
        {places.map((place) => (
          <button
            key={place.id}
            type="button"
            aria-pressed={on === place.id}
            className={`btn ${on === place.id ? "btn-filled" : ""}`}
            onClick={() => touch(place)}
          >
            {placeWords(place)}
          </button>
        ))}
      </div>
      <div className="flex flex-wrap items-baseline gap-4">
        <p className="num text-[26px] font-medium" aria-label="The simulated meter shows">
          {there ? shownText(there.entry) : "–"}
        </p>
        <button type="button" className="link-button" onClick={link}>
          Let it fill the fields
        </button>
      </div>
    </div>
  );
}
