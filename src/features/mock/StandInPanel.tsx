"use client";
import { useMemo, useState } from "react";
import { actOn, knowledgeOfPlate, motorOfCard, standInWorld, wishesFor, type MockAct, type MockWorld, type Wish } from "@/core/mock";
import type { CardFacts, StationId } from "@/core/stations";
import type { TravellerId } from "@/records";
import { toSentence } from "../messages/failure-sentences";
import { useStudies } from "../station/useStudies";
import { HandActs, Said } from "./HandActs";
import { seenWords, WISH_WORDS } from "./mock-words";
import { mishapWords, nothingWords } from "./said";
import { keepStandIn, keptStandIn } from "./stand-in-kept";
import { hasTips, Tips } from "./Tips";

interface StandInPanelProps {
  readonly id: TravellerId;
  readonly station: StationId;
  readonly method: string | null;
  readonly facts: CardFacts;
}

/** A simulated motor beside a card that has none at hand: of its plate, with the fault that is chosen. */
export default function StandInPanel({ id, station, method, facts }: StandInPanelProps) {
  const study = useStudies();
  const knowledge = facts.motorType === "shaded-pole" ? null : knowledgeOfPlate(facts);
  const answer = knowledge && study("motor", knowledge);
  const [spec, setSpec] = useState(() => keptStandIn(id));
  const motor = useMemo(() => {
    if (facts.notOurs !== null) return null;
    return answer && !answer.ok ? answer : motorOfCard(facts, answer ? answer.value : null);
  }, [facts, answer]);
  const { worksDone } = facts;
  const isLive = facts.power !== "dead";
  const world = useMemo(
    () => (motor?.ok ? standInWorld(motor.value, spec, { works: worksDone.map(({ work }) => work), isLive }) : null),
    [motor, spec, worksDone, isLive],
  );
  const choose = (wish: Wish): void => setSpec(keepStandIn(id, wish));
  return (
    <section aria-label="Simulated motor" className="no-print flex flex-col gap-2 border-2 border-dashed border-ink px-3 py-2">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <h2 className="caption font-semibold">
          <span className="mr-2 border border-ink px-1.5 font-bold text-ink">simulated</span>A motor of this plate
        </h2>
        {motor?.ok ? (
          <label className="flex items-center gap-2">
            <span className="caption">What is wrong with it</span>
            <select className="write-line" value={spec.wish} onChange={(event) => choose(event.target.value as Wish)}>
              {wishesFor(motor.value).map((wish) => (
                <option key={wish} value={wish}>
                  {WISH_WORDS[wish]}
                </option>
              ))}
            </select>
          </label>
        ) : null}
      </div>
      {world ? (
        <AtPlate key={`${station} ${spec.seed}`} station={station} method={method} world={world} names={facts.leadNames} />
      ) : (
        <p className="text-[15px]">{whyNot(motor, knowledge !== null && answer === null)}</p>
      )}
    </section>
  );
}

function whyNot(motor: ReturnType<typeof motorOfCard> | null, isAsked: boolean): string {
  if (isAsked) return "Making it from the plate …";
  if (motor === null) return "Motors of this sort are not simulated.";
  return motor.ok ? "" : toSentence(motor.failure);
}

interface AtPlateProps {
  readonly station: StationId;
  readonly method: string | null;
  readonly world: MockWorld;
  readonly names: readonly string[];
}

function AtPlate({ station, method, world, names }: AtPlateProps) {
  const [seen, setSeen] = useState<readonly string[]>([]);
  const act = (done: MockAct): void => {
    const after = actOn(world, done, new Date().toISOString());
    setSeen(mishapWords(world, after.world) ?? (after.seen ? seenWords(after.seen) : nothingWords(world, done)));
  };
  return (
    <>
      <HandActs station={station} kinds={["test"]} onAct={act} />
      <Said sentences={seen} />
      {hasTips(station) ? (
        <Tips station={station} method={method} world={world} names={names} onAct={() => undefined} onSaid={setSeen} />
      ) : null}
    </>
  );
}
