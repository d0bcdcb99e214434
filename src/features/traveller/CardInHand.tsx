"use client";
import { lazy, Suspense, useCallback, useEffect, useMemo, useState, type ReactNode } from "react";
import { useSame } from "@/components/useSame";
import { isStationId, STATION_IDS, type StationId } from "@/core/stations";
import type { StationRecord, Traveller } from "@/records";
import { prepareToKeep } from "@/store/change-row";
import { endWith, updateTraveller } from "@/store/write";
import { useLetterKeys } from "../keys/useLetterKeys";
import { Case, fetchCase } from "../line-up/case-later";
import type { CaseProps } from "../line-up/case-props";
import { visitDayOf } from "../vocabulary/clock";
import { AppHeader } from "../shell/AppHeader";
import { StorageBanner } from "../shell/StorageBanner";
import { STATION_LABELS } from "../stations/labels";
import { stampWordOf } from "../station/stamp-word-of";
import type { EarlierReading } from "../stations/earlier-readings";
import { BenchTop } from "./BenchTop";
import type { ChangeStation, ReadAgain } from "./worked";
import type { CardAnswer } from "./card-answer";
import FootBar from "./FootBar";
import { ProgressHeader } from "./ProgressHeader";
import { handOn } from "./hand-on";
import { PlateSummary } from "./PlateSummary";
import { stationsShown, Strip } from "./Strip";
import { TravellerTitle } from "./TravellerTitle";
import { useFinished } from "./useFinished";
import { useWorked } from "./useWorked";

/** Rows of a card as they are kept, by their stations. */
export type RowsByStation = { readonly [Id in StationId]?: StationRecord };

if (typeof location !== "undefined") fetchCase();

const NO_ROUNDS: readonly EarlierReading[] = [];

/* What nobody waits for comes behind the station. */
const StudyTrouble = lazy(async () => ({ default: (await import("../station/StudyTrouble")).StudyTrouble }));

interface CardInHandProps {
  readonly traveller: Traveller;
  readonly rows: RowsByStation;
  readonly answer: CardAnswer;
  /** told where the whole card could not be assessed anew */
  readonly trouble: ReactNode;
  /** the station in hand stands */
  readonly onThere: () => void;
  readonly first: string | null;
  readonly firstMethod: string | null;
  readonly onChange: ChangeStation;
  readonly onAgain: ReadAgain;
  readonly onLeaveOut: (key: string) => void;
}

/** A card on the screen: strip, bench top and case, with one station in hand. */
export function CardInHand({
  traveller,
  rows,
  answer,
  trouble,
  onThere,
  first,
  firstMethod,
  onChange,
  onAgain,
  onLeaveOut,
}: CardInHandProps) {
  const { id, finishedAt } = traveller;
  const { house } = answer;
  const [chosen, setChosen] = useState<StationId | null>(isStationId(first) ? first : null);
  const [method, setMethod] = useState(firstMethod);
  // Where the work stood when the card was opened; it does not jump while figures are keyed.
  const [opened] = useState(answer.at);
  const station = chosen ?? opened;
  const row = rows[station];
  const worked = useWorked(traveller, station, row, answer);
  const isThere = worked !== null;
  useEffect(() => {
    if (!isThere) return;
    onThere();
    return prepareToKeep();
  }, [isThere, onThere]);
  const stamp = worked?.assessment.stamp ?? null;
  const stampWord = worked ? stampWordOf(worked.hand.view, worked.assessment) : "";
  const places = useMemo(
    () => (stamp === null ? answer.places : { ...answer.places, [station]: { ...answer.places[station], stamp, stampWord } }),
    [answer.places, station, stamp, stampWord],
  );
  const ways = useSame(answer.places[station].ways);
  const beside = useSame(answer.places[station].beside);
  const visitDay = visitDayOf(traveller);
  const weighed = useMemo(
    () => ({
      ...answer.weighed,
      visitDay,
      card: { id: traveller.id, name: [traveller.machine, traveller.site].filter(Boolean).join(", ") },
    }),
    [answer.weighed, visitDay, traveller.id, traveller.machine, traveller.site],
  );
  const go = useCallback(
    (target: StationId, targetMethod: string | null = null) => {
      setChosen(target);
      setMethod(targetMethod);
      // The address keeps the place, so that a reload comes back to it.
      window.history.replaceState(null, "", `?id=${id}&station=${target}${targetMethod ? `&method=${targetMethod}` : ""}`);
      // Another method of the same station is no new place to start from.
      if (target === station) return;
      document.getElementById("bench")?.scrollTo({ top: 0 });
      window.scrollTo({ top: 0 });
    },
    [id, station],
  );
  const finished = useFinished(finishedAt, house.figures.callbackDays);
  // The case is drawn again when it says something else, not with every key.
  const { next } = answer.case;
  const asked = next.kind === "go" ? { title: next.move.title, target: next.move.target, method: next.move.method } : null;
  const onward = useSame(handOn(answer.places, station, asked));
  const end = next.kind === "sign-off" ? next.end : null;
  const finish = useCallback(() => {
    // The end it is signed off with is kept with it: what is learnt later does not rewrite it.
    if (finishedAt === null && end !== null) void endWith(id, end);
    void updateTraveller(id, { finishedAt: finishedAt === null ? new Date().toISOString() : null });
  }, [id, finishedAt, end]);
  const name = useCallback((names: Parameters<CaseProps["onNames"]>[0]) => void updateTraveller(id, names), [id]);
  const names = useSame({ id, machine: traveller.machine, site: traveller.site });
  const cameBack = useCallback(
    () => void import("./callback").then(({ visitAgain }) => visitAgain(id, finished?.isWithinCallback === true, house)),
    [id, finished, house],
  );
  const caseProps: CaseProps = useMemo(
    () => ({
      words: answer.case,
      names,
      onNames: name,
      finished,
      cameBackAt: traveller.cameBackAt,
      callbackOf: traveller.callbackOf,
      onGo: go,
      onFinish: finish,
      onCameBack: cameBack,
      onLeaveOut,
    }),
    [answer.case, names, name, finished, traveller.cameBackAt, traveller.callbackOf, go, finish, cameBack, onLeaveOut],
  );
  const step = (by: number) => {
    const shown = stationsShown(places, station);
    go(shown[(shown.indexOf(station) + by + shown.length) % shown.length] ?? station);
  };

  useLetterKeys(house.hasLetterKeys, (key) => {
    const target = STATION_IDS.find((each) => STATION_LABELS[each].letter === key);
    if (target) go(target);
    else if (key === "n" && next.kind === "go") go(next.move.target, next.move.method);
    else if (key === "n" && next.kind === "sign-off" && finishedAt === null) finish();
    else if (key === "j") step(1);
    else if (key === "k") step(-1);
    else return false;
    return true;
  });

  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh">
      <AppHeader at="/traveller">
        <TravellerTitle traveller={traveller} />
        <PlateSummary cells={answer.plate} />
      </AppHeader>
      <StorageBanner />
      <Suspense>
        <StudyTrouble />
      </Suspense>
      {trouble}
      <ProgressHeader places={places} station={station} onGo={go} />
      <div className="grid flex-1 lg:min-h-0 lg:grid-cols-[236px_1fr_322px]">
        <nav aria-label="Strip" className="hidden overflow-y-auto border-r border-rule lg:block">
          <Strip places={places} current={station} onGo={go} />
        </nav>
        <main id="bench" className="min-w-0 bg-sheet pb-[76px] lg:overflow-y-auto lg:pb-0">
          <BenchTop
            id={id}
            station={station}
            worked={worked}
            ways={ways}
            beside={beside}
            last={answer.last}
            names={names}
            onNames={name}
            isFinished={finishedAt !== null}
            row={row}
            rounds={answer.rounds[station] ?? NO_ROUNDS}
            method={method}
            house={house}
            weighed={weighed}
            onward={onward}
            onGo={go}
            onChange={onChange}
            onAgain={onAgain}
          />
        </main>
        <aside aria-label="Case" className="hidden overflow-y-auto border-l border-rule px-4 py-3.5 lg:block">
          <Suspense>
            <Case {...caseProps} />
          </Suspense>
        </aside>
      </div>
      <FootBar {...caseProps} />
    </div>
  );
}
