"use client";
import { lazy, Suspense, useState } from "react";
import { PageLink } from "@/components/PageLink";
import { parseTravellerId, type TravellerId } from "@/records";
import { useSettled } from "@/store/live";
import { useSummaries, useVisitsOf } from "@/store/summaries";
import type { Summary } from "@/store/summary";
import FoundOut from "../ledger/FoundOut";
import { LineStamp } from "../cards/LineStamp";
import { CalendarButton } from "../due/CalendarButton";
import { DUE_WORDS } from "../due/due";
import { Reading, Screen } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { clockDay, dayOf, dayWords } from "../vocabulary/clock";
import { FigureStrip } from "./FigureStrip";
import { FiguresTable } from "./FiguresTable";
import { PartsOutAndIn } from "./PartsOutAndIn";
import { axisOf, stripsOf, ticksOf } from "./strips";
import { visitsTitle } from "./words";

const NotesAndPhotos = lazy(() => import("./NotesAndPhotos"));
const OneOrTwo = lazy(() => import("./OneOrTwo"));

/** One motor over all its visits. It is asked for by any of its cards: names change, cards stay. */
export function MotorScreen() {
  const address = useAddress();
  const id = address ? parseTravellerId(address.get("card")) : null;
  return (
    <Screen at="/ledger">
      {address === null ? (
        <Reading />
      ) : id === null ? (
        <p className="text-[17px]">
          No motor is named in this address. Open one from a visit in the <PageLink href="/ledger">Ledger</PageLink>.
        </p>
      ) : (
        <ByCard id={id} />
      )}
    </Screen>
  );
}

function ByCard({ id }: { id: TravellerId }) {
  const card = useSettled(useSummaries([id]));
  const [summary] = card.state === "ready" ? card.value : [];
  if (card.state !== "ready") return <Reading />;
  if (!summary) return <p className="text-[17px]">This visit is not on this device.</p>;
  return <Motor motor={summary.motor} />;
}

const LOADING = { state: "loading" } as const;

function Motor({ motor }: { motor: string }) {
  // Said to be another motor, it is the same page: what was said on it stays.
  const read = useVisitsOf(motor);
  // For a moment it is asked for under the name it had, which has no visits any more.
  const found = useSettled(read.state === "ready" && read.value.length === 0 ? LOADING : read);
  if (found.state !== "ready") return <Reading />;
  const visits = found.value;
  const last = visits.at(-1);
  if (!last) return <p className="text-[17px]">No visit of this motor is on this device any more.</p>;
  return (
    <>
      <p className="text-[15px]">
        <b className="font-semibold">{last.machine.trim() || "Machine not named yet"}</b>{" "}
        <span className="caption">{last.site.trim() || "no site"}</span>
      </p>
      <div className="mt-2 grid gap-x-9 gap-y-8 lg:grid-cols-[1fr_300px]">
        <div className="min-w-0">
          <Figures visits={visits} />
          <PartsOutAndIn visits={visits} />
          <Suspense>
            <NotesAndPhotos visits={visits} />
          </Suspense>
        </div>
        <aside className="flex min-w-0 flex-col gap-7" aria-label="Visits and what is due">
          <Due last={last} />
          <VisitsOf visits={visits} />
          <Suspense>
            <OneOrTwo visits={visits} />
          </Suspense>
          <FoundOut cards={visits.map(({ id }) => id)} named="motor" />
        </aside>
      </div>
    </>
  );
}

function Figures({ visits }: { visits: readonly Summary[] }) {
  const [isTable, setTable] = useState(false);
  const strips = stripsOf(visits);
  const axis = axisOf(visits);
  return (
    <section aria-labelledby="figures">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h1 id="figures" className="text-[24px] font-bold">
          {visitsTitle(visits.length, visits[0]?.createdAt ?? "")}
        </h1>
        {strips.length > 0 ? (
          <button type="button" className="btn btn-plain" aria-pressed={isTable} onClick={() => setTable(!isTable)}>
            {isTable ? "As lines" : "As a table"}
          </button>
        ) : null}
      </div>
      {strips.length === 0 ? (
        <p className="mt-2 text-ink-soft" role="status">
          {visits.some(({ line }) => line === null)
            ? "Its visits are being judged; the figures follow."
            : "Nothing that is followed was measured on any visit yet."}
        </p>
      ) : isTable ? (
        <FiguresTable strips={strips} visits={visits} />
      ) : (
        <>
          <p className="caption text-right">a point opens its card; filled: after the repair</p>
          {strips.map((strip) => (
            <FigureStrip key={strip.of} strip={strip} axis={axis} />
          ))}
          <Axis axis={axis} />
        </>
      )}
    </section>
  );
}

function Axis({ axis }: { axis: { readonly from: number; readonly to: number } }) {
  return (
    <div className="hidden grid-cols-[130px_1fr_150px] gap-x-5 sm:grid" aria-hidden="true">
      <span />
      <div className="relative h-6">
        {ticksOf(axis).map(({ day, label }) => (
          <span
            key={day}
            className="caption absolute top-1 -translate-x-1/2 whitespace-nowrap"
            style={{ left: `${((day - axis.from) / (axis.to - axis.from)) * 100}%` }}
          >
            {label}
          </span>
        ))}
      </div>
    </div>
  );
}

function Due({ last }: { last: Summary }) {
  const due = [...(last.line?.due ?? [])].sort((a, b) => a.on.localeCompare(b.on));
  return (
    <section aria-labelledby="motor-due">
      <h2 id="motor-due" className="heading-rule">
        Due
      </h2>
      {due.length === 0 ? <p className="caption mt-2">Nothing is due.</p> : null}
      <ul>
        {due.map(({ on, kind, station, method }) => (
          <li key={`${kind} ${station}`} className="border-b border-rule-faint">
            <PageLink
              href={`/traveller?id=${last.id}&station=${station}${method ? `&method=${method}` : ""}`}
              className="flex min-h-[44px] items-center gap-3 text-[14px] hover:bg-press-wash"
            >
              <span className="num w-[96px] shrink-0 text-[13.5px]">{dayWords(on)}</span>
              {DUE_WORDS[kind]}
            </PageLink>
          </li>
        ))}
      </ul>
      {due.length > 0 ? (
        <CalendarButton
          label="Into my calendar"
          name={`vemmick-due-${dayOf(new Date())}.ics`}
          rows={() => Promise.resolve(due.map((each) => ({ card: last, ...each })))}
        />
      ) : null}
    </section>
  );
}

function VisitsOf({ visits }: { visits: readonly Summary[] }) {
  return (
    <section aria-labelledby="motor-visits">
      <h2 id="motor-visits" className="heading-rule">
        Visits <span className="caption font-normal">{visits.length}</span>
      </h2>
      <ul>
        {[...visits].reverse().map((card) => (
          <li key={card.id} className="border-b border-rule-faint">
            <PageLink href={`/traveller?id=${card.id}`} className="block min-h-[48px] py-1.5 hover:bg-press-wash">
              <span className="flex items-center justify-between gap-3 text-[14px]">
                <b className="font-semibold">{clockDay(card.createdAt)}</b>
                <LineStamp card={card} />
              </span>
              <span className="caption block">
                {[card.technician.trim(), card.line?.complaint, card.line?.stands].filter(Boolean).join(" · ")}
              </span>
            </PageLink>
          </li>
        ))}
      </ul>
    </section>
  );
}
