"use client";
import { useMemo, useState } from "react";
import { isStationId, STATION_IDS, type StationId } from "@/core/stations";
import { parseTravellerId, type House, type TravellerId } from "@/records";
import { assessCard, assessWithout, useCard, useHouse, type KeptCard } from "@/store/queries";
import { usePending } from "@/store/usePending";
import { entryInHand, updateStation, updateTraveller } from "@/store/write";
import { useLetterKeys } from "../keys/useLetterKeys";
import { Case } from "../line-up/Case";
import type { CaseProps } from "../line-up/case-props";
import { isReadyToFinish } from "@/core/traveller";
import { nextMoveWords } from "../line-up/next-move-words";
import { visitDayOf } from "../vocabulary/clock";
import { AppHeader } from "../shell/AppHeader";
import { NoCard } from "../shell/NothingHere";
import { CannotRead, Reading } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { StorageBanner } from "../shell/StorageBanner";
import { STATION_LABELS } from "../stations/labels";
import { StudyTrouble } from "../station/StudyTrouble";
import { useStudies } from "../station/useStudies";
import { BenchTop, type ChangeStation } from "./BenchTop";
import { FootBar, ProgressHeader } from "./PhoneBars";
import { reopen, useFinished } from "./callback";
import { PlateSummary } from "./PlateSummary";
import { stretchesOf } from "./stretch";
import { Strip } from "./Strip";
import { TravellerTitle } from "./TravellerTitle";

/** The traveller named in the address: loading, missing, or there. */
export function TravellerScreen() {
  const address = useAddress();
  const id = parseTravellerId(address?.get("id") ?? null);
  const answer = useCard(id);
  const house = useHouse();
  if (address === null) return <Reading />;
  if (answer.state === "failed") return <CannotRead failure={answer.failure} />;
  if (id === null || answer.state === "missing") return <NoCard at="/traveller" />;
  if (answer.state === "loading" || house === null) return <Reading />;
  return (
    <Traveller key={id} id={id} data={answer.value} house={house} first={address.get("station")} firstMethod={address.get("method")} />
  );
}

interface TravellerProps {
  readonly id: TravellerId;
  readonly data: KeptCard;
  readonly house: House;
  readonly first: string | null;
  readonly firstMethod: string | null;
}

const NONE_LEFT_OUT: ReadonlySet<string> = new Set();

function Traveller({ id, data, house, first, firstMethod }: TravellerProps) {
  const [entries, change] = usePending(data.entries);
  const card = useMemo(() => (entries === data.entries ? data : { ...data, entries }), [data, entries]);
  const study = useStudies();
  const [leaveOut, setLeaveOut] = useState<ReadonlySet<string>>(NONE_LEFT_OUT);
  const whole = assessCard(card, house.figures, study);
  const assessment = useMemo(() => assessWithout(card, house.figures, study, leaveOut), [card, house.figures, study, leaveOut]);
  const toggleLeftOut = (key: string) =>
    setLeaveOut((now) => new Set(now.has(key) ? [...now].filter((each) => each !== key) : [...now, key]));
  const changeStation: ChangeStation = (station, apply) => {
    change(
      () => updateStation(id, station, apply),
      (now) => ({ ...now, [station]: entryInHand(id, station) ?? now[station] }),
    );
  };
  const [chosen, setChosen] = useState<StationId | null>(isStationId(first) ? first : null);
  const [method, setMethod] = useState(firstMethod);
  // Where the work stood when the card was opened; it does not jump while figures are keyed.
  const [opened] = useState<StationId>(() => assessment.next.station);
  const station = chosen ?? opened;
  const stretches = stretchesOf(assessment);
  const go = (target: StationId, targetMethod: string | null = null) => {
    setChosen(target);
    setMethod(targetMethod);
    // The address keeps the place, so that a reload comes back to it.
    window.history.replaceState(null, "", `?id=${id}&station=${target}${targetMethod ? `&method=${targetMethod}` : ""}`);
    // Another method of the same station is no new place to start from.
    if (target === station) return;
    document.getElementById("bench")?.scrollTo({ top: 0 });
    window.scrollTo({ top: 0 });
  };
  const { finishedAt } = data.traveller;
  const finish = () => void updateTraveller(id, { finishedAt: finishedAt === null ? new Date().toISOString() : null });
  const finished = useFinished(finishedAt, house.figures.callbackDays);
  const cameBack = () => void reopen(data.traveller, finished?.isWithinCallback === true, { entries, assessment: whole, house });
  const caseProps: CaseProps = {
    assessment,
    whole: leaveOut.size === 0 ? null : whole,
    finished,
    cameBackAt: data.traveller.cameBackAt,
    onGo: go,
    onFinish: finish,
    onCameBack: cameBack,
    onLeaveOut: toggleLeftOut,
  };
  const step = (by: number) => go(STATION_IDS[(STATION_IDS.indexOf(station) + by + STATION_IDS.length) % STATION_IDS.length] ?? station);

  useLetterKeys(house.hasLetterKeys, (key) => {
    const target = STATION_IDS.find((each) => STATION_LABELS[each].letter === key);
    if (target) go(target);
    else if (key === "n" && !isReadyToFinish(assessment)) {
      const next = nextMoveWords(assessment);
      go(next.target, next.method);
    } else if (key === "j") step(1);
    else if (key === "k") step(-1);
    else return false;
    return true;
  });

  return (
    <div className="flex min-h-dvh flex-col lg:h-dvh">
      <AppHeader at="/traveller">
        <TravellerTitle traveller={data.traveller} />
        <PlateSummary assessment={assessment} entries={entries} />
      </AppHeader>
      <StorageBanner />
      <StudyTrouble />
      <ProgressHeader assessment={assessment} stretches={stretches} station={station} onGo={go} />
      <div className="grid flex-1 lg:min-h-0 lg:grid-cols-[236px_1fr_322px]">
        <nav aria-label="Strip" className="hidden overflow-y-auto border-r border-rule lg:block">
          <Strip assessment={assessment} stretches={stretches} current={station} onGo={go} />
        </nav>
        <main id="bench" className="min-w-0 bg-sheet pb-[76px] lg:overflow-y-auto lg:pb-0">
          <BenchTop
            id={id}
            entries={entries}
            assessment={assessment}
            station={station}
            method={method}
            house={house}
            visitDay={visitDayOf(data.traveller)}
            onGo={go}
            onChange={changeStation}
          />
        </main>
        <aside aria-label="Case" className="hidden overflow-y-auto border-l border-rule px-4 py-3.5 lg:block">
          <Case {...caseProps} />
        </aside>
      </div>
      <FootBar {...caseProps} />
    </div>
  );
}
