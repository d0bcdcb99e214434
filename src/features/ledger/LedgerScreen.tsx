"use client";
import { ShowMore } from "@/components/LongList";
import { PageLink } from "@/components/PageLink";
import { useState } from "react";
import { Stamp } from "@/components/Stamp";
import type { House } from "@/records";
import { assessCard, useCards, useHouse, type KeptCard } from "@/store/queries";
import { cardFacts } from "../rack/card";
import { dayAndTime } from "../vocabulary/clock";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { useStudies } from "../station/useStudies";
import { ExportButton } from "../files/ExportButton";
import { ImportPanel } from "./ImportPanel";

const PAGE = 80;

/** Everything past, and the files in and out. */
export function LedgerScreen() {
  const answer = useCards();
  const house = useHouse();
  return (
    <Screen at="/ledger">
      <h1 className="text-[24px] font-bold">Ledger</h1>
      {answer.state === "failed" ? (
        <CannotRead failure={answer.failure} />
      ) : answer.state !== "ready" || house === null ? (
        <Reading />
      ) : (
        <Ledger cards={answer.value} house={house} />
      )}
    </Screen>
  );
}

function Ledger({ cards, house }: { cards: readonly KeptCard[]; house: House }) {
  return (
    <div className="mt-4 grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_380px]">
      <Visits cards={cards} house={house} />
      <section aria-labelledby="files" className="flex flex-col gap-4 lg:order-last">
        <h2 id="files" className="heading-rule">
          Files
        </h2>
        <p className="text-[14px]">
          Open files, <span className="num">*.vemmick.json</span>: everything on this device, to keep or to carry to another. The format is
          described in its{" "}
          <a className="font-semibold text-press underline" href="/schema">
            JSON Schema
          </a>
          .
        </p>
        <div>
          <ExportButton what="everything" label="Export everything" />
        </div>
        <p className="text-[14px]">Taking a file in merges by card and time. It says first what it will do, and it can be undone.</p>
        <ImportPanel />
      </section>
    </div>
  );
}

function Visits({ cards, house }: { cards: readonly KeptCard[]; house: House }) {
  const study = useStudies();
  const [shown, setShown] = useState(PAGE);
  const [now] = useState(() => new Date());
  return (
    <section aria-labelledby="visits" className="min-w-0">
      <h2 id="visits" className="heading-rule">
        Visits <span className="caption font-normal">{cards.length}</span>
      </h2>
      <ul>
        {cards.slice(0, shown).map((card) => {
          const facts = cardFacts(card, assessCard(card, house.figures, study), house.figures);
          const { traveller } = card;
          return (
            <li key={traveller.id} className="border-b border-rule-faint">
              <PageLink
                href={`/traveller?id=${traveller.id}`}
                className="grid min-h-[48px] grid-cols-[1fr_auto] items-center gap-x-4 py-1.5 hover:bg-press-wash"
              >
                <span className="min-w-0">
                  <span className="font-semibold">{traveller.machine.trim() || "Machine not named yet"}</span>{" "}
                  <span className="caption">
                    {[traveller.site.trim(), dayAndTime(traveller.createdAt, now), traveller.technician.trim()].filter(Boolean).join(" · ")}
                  </span>
                  <span className="block truncate text-[14px]">{facts.complaint}</span>
                </span>
                <Stamp tone={facts.stamp}>{facts.stampWord}</Stamp>
              </PageLink>
            </li>
          );
        })}
      </ul>
      {cards.length === 0 ? <p className="mt-3 text-ink-soft">No visit yet. Every card that is started stands here, and stays.</p> : null}
      <ShowMore total={cards.length} shown={shown} page={PAGE} onShow={setShown} />
    </section>
  );
}
