"use client";
import { FindField, ShowMore } from "@/components/LongList";
import { useEffect, useRef, useState } from "react";
import type { House } from "@/records";
import { assessCard, useCards, useHouse, type KeptCard } from "@/store/queries";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { useStudies } from "../station/useStudies";
import { cardFacts } from "./card";
import { CardTile } from "./CardTile";
import { dueRows } from "./due";
import { DueHint, DueList } from "./DueList";
import { NewTraveller } from "./NewTraveller";
import { QuickCheck } from "./QuickCheck";

/** Cards shown at once; more on request, so that a long rack stays quick. */
const PAGE = 60;

/** The home: the open line, and the cards. */
export function RackScreen() {
  const answer = useCards();
  const house = useHouse();
  return (
    <Screen at="/">
      {answer.state === "failed" ? (
        <CannotRead failure={answer.failure} />
      ) : answer.state !== "ready" || house === null ? (
        <Reading />
      ) : (
        <Rack cards={answer.value} house={house} />
      )}
    </Screen>
  );
}

function matches(card: KeptCard, words: readonly string[], text: string): boolean {
  const all = `${card.traveller.machine} ${card.traveller.site} ${card.traveller.technician} ${text}`.toLowerCase();
  return words.every((word) => all.includes(word));
}

function Rack({ cards, house }: { cards: readonly KeptCard[]; house: House }) {
  const study = useStudies();
  const [find, setFind] = useState("");
  const [now] = useState(() => new Date());
  const [shown, setShown] = useState(PAGE);
  const search = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (new URLSearchParams(window.location.search).has("find")) search.current?.focus();
  }, []);
  const words = find.toLowerCase().split(/\s+/).filter(Boolean);
  const assessed = cards.map((card) => ({ card, assessment: assessCard(card, house.figures, study) }));
  const due = dueRows(assessed);
  const found = assessed
    .map(({ card, assessment }) => ({ card, facts: cardFacts(card, assessment, house.figures) }))
    .filter(({ card, facts }) => matches(card, words, `${facts.complaint} ${facts.stands} ${facts.stampWord}`));
  const open = found.filter(({ card }) => card.traveller.finishedAt === null);
  const finished = found.filter(({ card }) => card.traveller.finishedAt !== null);
  return (
    <div className="grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_300px]">
      <div className="min-w-0">
        <h1 className="sr-only">Rack</h1>
        <NewTraveller technician={house.technician} />
        <DueHint rows={due} now={now} />
        <section aria-labelledby="on-the-rack" className="mt-6">
          <div className="heading-rule flex-wrap">
            <h2 id="on-the-rack">
              On the rack <span className="caption ml-2 font-normal">{open.length} open</span>
            </h2>
            <FindField ref={search} text={find} onText={setFind} />
          </div>
          {open.length > 0 ? (
            <ul className="mt-3.5 grid gap-3.5 sm:grid-cols-2">
              {open.slice(0, shown).map(({ card, facts }) => (
                <CardTile key={card.traveller.id} card={card} facts={facts} now={now} />
              ))}
            </ul>
          ) : (
            <p className="mt-3 text-ink-soft">
              {words.length > 0 ? `No open card has “${find}”.` : "Nothing on the rack. Say above what the motor does."}
            </p>
          )}
          <ShowMore total={open.length} shown={shown} page={PAGE} onShow={setShown} />
        </section>
      </div>
      <div className="flex flex-col gap-7">
        <DueList rows={due} now={now} />
        <QuickCheck />
        <section aria-labelledby="signed-off">
          <h2 id="signed-off" className="heading-rule">
            Signed off <span className="caption font-normal">{finished.length}</span>
          </h2>
          <ul className="mt-3.5 flex flex-col gap-3.5">
            {finished.slice(0, 6).map(({ card, facts }) => (
              <CardTile key={card.traveller.id} card={card} facts={facts} now={now} />
            ))}
          </ul>
          {finished.length > 6 ? <p className="caption mt-2">{finished.length - 6} more in the ledger.</p> : null}
        </section>
      </div>
    </div>
  );
}
