"use client";
import { workBetween } from "@/core/job";
import { STATION_LABELS } from "../stations/labels";
import type { HouseRuleId } from "@/core/house";

import type { StationId } from "@/core/stations";
import type { House, StationRecord, TravellerId } from "@/records";
import { lazy, memo, Suspense, useEffect, useMemo, useRef, useState } from "react";

import { fetchHands } from "../stations/hands";
import type { CardNames, CaseProps } from "../line-up/case-props";
import { RulesBehind } from "../working/rules-behind";
import { isMockHere } from "@/store/mock-place";
import { placeOf, stateLine } from "./at-station";
import { Gate } from "./Gate";
import type { ChangeStation, GoTo, NextStation, ReadAgain, Worked } from "./worked";
import { LinkButton, LinkSlot, useLinkAsked } from "../meter-link/LinkButton";

import { HowButton } from "../how/HowButton";
import { MethodTabs } from "../stations/MethodTabs";

import { cautionWordsOf } from "../station/caution-words-of";
import type { WeighedCard } from "../station/contract";

import type { EarlierReading } from "../stations/earlier-readings";
import type { LastVisit, WayIn } from "./card-answer";

interface BenchTopProps {
  readonly id: TravellerId;
  readonly station: StationId;
  /** null while it is being fetched */
  readonly worked: Worked | null;
  readonly ways: readonly WayIn[];
  /** why there is nothing to do here on this motor; null: there is */
  readonly beside: string | null;
  /** the visit before this one; null: nobody was here */
  readonly last: LastVisit | null;
  readonly names: CardNames;
  readonly onNames: CaseProps["onNames"];
  readonly isFinished: boolean;
  /** what is kept of the station; undefined: nothing was keyed there, nor was it skipped */
  readonly row: StationRecord | undefined;
  /** what was set aside there before it was read anew */
  readonly rounds: readonly EarlierReading[];
  /** way of working in hand, where the station has several; null: the usual one */
  readonly method: string | null;
  readonly house: House;
  readonly weighed: WeighedCard;
  /** where hands on the probes go on; null: nowhere */
  readonly onward: NextStation | null;
  readonly onGo: GoTo;
  readonly onChange: ChangeStation;
  readonly onAgain: ReadAgain;
}

const MockPanel = lazy(() => import("../mock/MockPanel"));
const StandInPanel = lazy(() => import("../mock/StandInPanel"));
const Skip = lazy(() => import("./Skip"));
const NameIt = lazy(() => import("../naming/NameIt"));
const YouWereHere = lazy(async () => ({ default: (await import("./YouWereHere")).YouWereHere }));
const EarlierReadings = lazy(() => import("./EarlierReadings"));
const NO_RULES: readonly HouseRuleId[] = [];

/** The other stations are fetched when nobody waits for this one any more. */
const AT_REST_MS = 3000;

/** The instrument of the station in hand, with its power state and cautions; closed while the circuit is in the other state. */
export const BenchTop = memo(function BenchTop({
  id,
  station,
  worked,
  ways,
  beside,
  last,
  names,
  onNames,
  isFinished,
  row,
  rounds,
  method: asked,
  house,
  weighed,
  onward,
  onGo,
  onChange,
  onAgain,
}: BenchTopProps) {
  const hasRow = row !== undefined;
  const skippedReason = row?.skippedReason ?? null;
  // A way this machine forbids is not opened, whatever the address says.
  const way = ways.find(({ method }) => method?.id === asked) ?? ways[0];
  const rules = worked?.rules ?? NO_RULES;
  const judgedBy = useMemo(() => ({ station, rules }), [station, rules]);
  // They stay while they are typed.
  const [isUnnamed] = useState(names.machine.trim() === "");
  const linkPlace = useMemo(
    () =>
      worked && {
        ...placeOf(station, worked, house),
        next: onward && { title: onward.title, go: () => onGo(onward.target, onward.method) },
      },
    [station, worked, house, onward, onGo],
  );
  const linkAsked = useLinkAsked();
  const title = useRef<HTMLHeadingElement>(null);
  const shown = useRef(station);
  useEffect(() => {
    const later = setTimeout(() => void fetchHands(), AT_REST_MS);
    return () => clearTimeout(later);
  }, []);
  useEffect(() => {
    if (shown.current === station) return;
    shown.current = station;
    // A new station starts at its own top for keyboard and screen reader, unless its first field took the focus.
    if (!title.current?.closest("section")?.contains(document.activeElement)) title.current?.focus();
  }, [station]);
  if (!way) return null;
  const { method, power, gate, cautions } = way;
  const isMetered = gate === null && STATION_LABELS[station].isMetered === true;
  const work = worked ? (
    <>
      {cautions.length > 0 && !(gate && hasRow) ? (
        // What is shut is only read: its cautions come with the work, and what was found stands in sight.
        <ul className="caution-list" aria-label="Caution">
          {cautions.map((code) => (
            <li key={code}>{cautionWordsOf(worked.hand.view, code)}</li>
          ))}
        </ul>
      ) : null}
      {gate ? <Gate gate={gate} isDead={power === "dead"} hasRecord={hasRow} onGo={onGo} /> : null}
      {gate && !hasRow ? null : (
        // A closed stretch can be read, not written: its readings belong to the other power state.
        <fieldset disabled={gate !== null} className="min-w-0">
          <legend className="sr-only">{STATION_LABELS[station].title}</legend>
          <RulesBehind value={judgedBy}>
            <worked.hand.Instrument
              key={`${station} ${method?.id ?? ""}`}
              record={worked.record}
              assessment={worked.assessment}
              facts={worked.facts}
              method={method?.id ?? null}
              house={house}
              weighed={weighed}
              change={(change) => onChange(station, change, worked.hand.timed)}
            />
          </RulesBehind>
        </fieldset>
      )}
    </>
  ) : null;
  const methodNames = worked?.hand.view.methods;
  const stamp = worked?.assessment.stamp;
  const isTimed = worked?.hand.timed.reads !== undefined;
  const [found, repeats] = [rounds.filter(({ why }) => why === "work"), rounds.filter(({ why }) => why !== "work")];
  const between = worked && row && !isFinished ? workBetween(worked.hand.timed, row, worked.facts.worksDone) : null;
  const mayRepeat = isTimed && row !== undefined && !isFinished && gate === null && stamp !== "not-done" && stamp !== "skipped";
  return (
    <section aria-labelledby="bench-title" className="relative flex min-h-full flex-col gap-4 bg-sheet px-4 py-4 sm:px-[22px]">
      <div className={isMetered && !linkAsked.isWanted ? "pr-[224px]" : "pr-[132px]"}>
        <h1 id="bench-title" ref={title} tabIndex={-1} className="text-[24px] font-bold outline-none">
          {STATION_LABELS[station].title}
        </h1>
        <p className="caption">{worked ? stateLine(worked.facts, power) : ""}</p>
      </div>
      {worked && isMockHere() ? (
        <Suspense>
          <MockPanel id={id} station={station} method={method?.id ?? null} facts={worked.facts} />
        </Suspense>
      ) : null}
      {linkPlace && isMetered ? <LinkSlot place={linkPlace} asked={linkAsked} /> : null}
      {worked && gate === null && linkAsked.isSimulated && !isMockHere() ? (
        <Suspense>
          <StandInPanel id={id} station={station} method={method?.id ?? null} facts={worked.facts} />
        </Suspense>
      ) : null}
      {station === "complaint" && !isFinished && isUnnamed ? (
        <Suspense>
          <NameIt
            id={id}
            names={names}
            onNames={onNames}
            why="Which machine is it? Named, its earlier visits are beside this one."
            className="flex flex-col gap-2 border-l-4 border-rule pl-3"
          />
        </Suspense>
      ) : null}
      {last ? (
        <Suspense>
          <YouWereHere last={last} station={station} hasRow={hasRow} onTake={(record) => onChange(station, () => record as never)} />
        </Suspense>
      ) : null}
      {worked && isTimed && (found.length > 0 || between !== null) ? (
        <Suspense>
          <EarlierReadings
            key={station}
            rounds={found}
            work={between}
            mayRepeat={false}
            onAgain={() => onAgain(station, worked.hand.timed)}
          />
        </Suspense>
      ) : null}
      {beside ? <p className="border-l-4 border-rule pl-3 text-[15px]">{beside}</p> : null}
      {method && methodNames ? (
        <MethodTabs
          methods={ways.flatMap((each) => each.method ?? [])}
          names={methodNames}
          method={method.id}
          onMethod={(next) => onGo(station, next)}
        >
          {work}
        </MethodTabs>
      ) : (
        work
      )}
      {/* Below the work: what appears once a figure stands must move nothing under the finger. */}
      {worked && isTimed && (repeats.length > 0 || mayRepeat) ? (
        <Suspense>
          <EarlierReadings
            key={`${station} below`}
            rounds={repeats}
            work={null}
            mayRepeat={mayRepeat && between === null}
            onAgain={() => onAgain(station, worked.hand.timed)}
          />
        </Suspense>
      ) : null}
      {/* Beside the title to the eye; after the work to the keyboard, which has no use for it every time. */}
      <div className="absolute top-3 right-4 flex items-center gap-1 sm:right-[22px]">
        {linkPlace && isMetered ? <LinkButton asked={linkAsked} /> : null}
        <HowButton key={station} station={station} method={method?.id ?? null} record={worked?.record ?? null} rules={rules} />
      </div>
      {worked && (stamp === "not-done" || stamp === "skipped") ? (
        <Suspense>
          <Skip key={station} id={id} station={station} reason={skippedReason} />
        </Suspense>
      ) : null}
    </section>
  );
});
