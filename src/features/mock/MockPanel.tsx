"use client";
import { useEffect, useMemo, useState } from "react";
import { PageLink } from "@/components/PageLink";
import { actOn, mockCase, worldAfter, type MockAct } from "@/core/mock";
import type { CardFacts, StationId } from "@/core/stations";
import type { Facts } from "@/core/facts";
import type { TravellerId } from "@/records";
import { doAct, useMockState, type MockState } from "@/store/mock-cases";
import { stationRowInHand } from "@/store/write";
import { LINK_WANTED, rememberMeter, SIMULATED } from "../meter-link/remembered";
import { simulatedMeter } from "../meter-link/simulated-meter";
import { theLink } from "../meter-link/the-link";
import { HandActs, Said } from "./HandActs";
import { seenWords } from "./mock-words";
import { mishapWords, nothingWords } from "./said";
import { hasTips, Tips } from "./Tips";

interface MockPanelProps {
  readonly id: TravellerId;
  readonly station: StationId;
  readonly method: string | null;
  readonly facts: CardFacts & Pick<Facts, "worksDone" | "isApart" | "leadNames">;
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

const CAPACITOR_WORKS = ["replace-run-capacitor", "replace-start-capacitor"] as const;

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
  const act = (done: MockAct): void => {
    const after = actOn(world, done, new Date().toISOString());
    setSeen(mishapWords(world, after.world) ?? (after.seen ? seenWords(after.seen) : nothingWords(world, done)));
    void doAct(id, done);
  };
  const newPart = station === "out-in" ? (CAPACITOR_WORKS.map((work) => labelOf(id, work)).find(Boolean) ?? "") : "";
  const link = (): void => {
    const { link: line, signals } = theLink();
    signals.wake();
    rememberMeter(SIMULATED);
    void line.open(simulatedMeter());
    document.dispatchEvent(new Event(LINK_WANTED));
  };
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
      <HandActs station={station} onAct={act} />
      <Said sentences={seen} />
      {hasTips(station) || newPart !== "" ? (
        <Tips
          newPart={newPart}
          station={station}
          method={method}
          world={world}
          names={facts.leadNames}
          onAct={(done) => void doAct(id, done)}
          onSaid={setSeen}
        >
          <button type="button" className="link-button" onClick={link}>
            Let it fill the fields
          </button>
        </Tips>
      ) : null}
    </section>
  );
}
