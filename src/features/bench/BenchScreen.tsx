"use client";
import { cautionsFor } from "@/core/station";
import { watchedFigures, type HouseRuleId } from "@/core/house";
import { NO_FACTS } from "@/core/facts";
import { lazy, Suspense, useEffect, useState } from "react";
import { PageLink } from "@/components/PageLink";
import type { StationData, StationId } from "@/core/stations";
import type { House } from "@/records";
import { prepareToKeep } from "@/store/change-row";
import { draftInHand, updateBench, useBenchDraft } from "@/store/bench-draft";
import { useHouse } from "@/store/house-rules";
import { usePending } from "@/store/usePending";
import { CannotRead, Reading, Screen } from "../shell/Screen";
import { useAddress } from "../shell/useAddress";
import { BENCH_STATIONS, STATION_LABELS } from "../stations/labels";
import { useHand } from "../stations/hands";
import { RulesBehind } from "../working/rules-behind";
import { LinkButton, LinkSlot, useLinkAsked } from "../meter-link/LinkButton";
import type { LinkPlace } from "../meter-link/link";
import { HowButton } from "../how/HowButton";
import { MethodTabs } from "../stations/MethodTabs";
import { NOTHING_WEIGHED } from "../station/contract";
import { useStudies } from "../station/useStudies";
import { stampWordOf } from "../station/stamp-word-of";
import { cautionWordsOf } from "../station/caution-words-of";
import type { StationInHand } from "../station/in-hand";
import { BenchActions } from "./BenchActions";
import { assessStation, noGrounds } from "@/core/traveller";

const PartsBefore = lazy(async () => ({ default: (await import("./PartsBefore")).PartsBefore }));

/** A quick check with no card open: the same instruments; the result can be clipped to a card or thrown away. */
export function BenchScreen() {
  const address = useAddress();
  const house = useHouse();
  const asked = address?.get("station") ?? null;
  const station = BENCH_STATIONS.find(({ id }) => id === asked)?.id ?? BENCH_STATIONS[0]?.id;
  if (station === undefined) return null;
  return (
    <Screen at="/bench">
      <nav aria-label="Quick checks" className="mb-4 flex flex-wrap gap-x-4 border-b border-rule">
        {BENCH_STATIONS.map(({ id, letter, question }) => (
          <PageLink
            key={id}
            href={`/bench?station=${id}`}
            aria-current={id === station ? "page" : undefined}
            className={`flex min-h-[44px] items-center gap-2 border-b-[3px] text-[15px] ${id === station ? "border-press font-bold" : "border-transparent"}`}
          >
            {question}
            <kbd className="num border border-ink px-1.5 text-[12px] font-normal max-lg:hidden">b {letter}</kbd>
          </PageLink>
        ))}
      </nav>
      {address === null || house === null ? (
        <Reading />
      ) : (
        <QuickCheck key={station} station={station} house={house} first={address.get("method")} />
      )}
    </Screen>
  );
}

interface QuickCheckProps {
  readonly station: StationId;
  readonly house: House;
  readonly first: string | null;
}

function QuickCheck({ station, house, first }: QuickCheckProps) {
  const hand = useHand(station);
  return hand === null ? <Reading /> : <InHand station={station} hand={hand} house={house} first={first} />;
}

type InHandProps = QuickCheckProps & { readonly hand: StationInHand };

function InHand({ station, hand, house, first }: InHandProps) {
  const draft = useBenchDraft(station, hand);
  useEffect(prepareToKeep, []);
  if (draft.state === "failed") return <CannotRead failure={draft.failure} />;
  return draft.state === "ready" ? <Ready station={station} hand={hand} house={house} first={first} kept={draft.value} /> : <Reading />;
}

type ReadyProps = InHandProps & { readonly kept: StationData<StationId> };

function Ready({ station, hand, house, first, kept }: ReadyProps) {
  const [record, change] = usePending(kept);
  const [asked, setAsked] = useState(first);
  const [isLive, setLive] = useState(false);
  const study = useStudies();
  const linkAsked = useLinkAsked();
  const { definition, blank, view, Instrument } = hand;
  const read = new Set<HouseRuleId>();
  const { assessment } = assessStation(hand, { data: record, skippedReason: null }, noGrounds(watchedFigures(house.figures, read), study));
  const methods = definition.methods?.filter(({ needsCard }) => !needsCard);
  const method = methods?.find(({ id }) => id === asked) ?? methods?.[0] ?? null;
  const cautions = cautionsFor(method ?? definition, NO_FACTS);
  const needsLive = (method ?? definition).power === "live";
  const isMetered = STATION_LABELS[station].isMetered === true && (!needsLive || isLive);
  const place: LinkPlace = {
    station,
    // Nobody says here that it is dead; it is worked on as if it were.
    isDead: (method ?? definition).power === "dead",
    safeVolts: house.figures.safeVolts,
    meter: house.meter,
    stamp: assessment.stamp,
    stampWord: stampWordOf(view, assessment),
    hasMotor: false,
    next: null,
  };
  const work = (
    <>
      <ul className="caution-list" aria-label="Caution">
        {cautions.map((code) => (
          <li key={code}>{cautionWordsOf(view, code)}</li>
        ))}
      </ul>
      {needsLive && !isLive ? (
        <div className="flex flex-wrap items-center gap-4 border-2 border-ink p-4">
          <p className="min-w-0 flex-1 basis-60 text-[16px]">
            This is done with power on, at a running motor: guards on, insulated short-tip probes, one hand. What was measured dead is over.
          </p>
          <button type="button" className="btn btn-filled" onClick={() => setLive(true)}>
            Power is on, go to the live test
          </button>
        </div>
      ) : (
        <RulesBehind value={{ station, rules: [...read] }}>
          <Instrument
            key={method?.id ?? ""}
            record={record}
            assessment={assessment}
            facts={NO_FACTS}
            house={house}
            method={method?.id ?? null}
            weighed={NOTHING_WEIGHED}
            change={(apply) =>
              change(
                () => updateBench(station, apply),
                () => draftInHand(station, hand),
              )
            }
          />
        </RulesBehind>
      )}
    </>
  );
  const clear = (): void =>
    change(
      async () => true,
      () => blank,
    );
  const next = BENCH_STATIONS.find(({ id }) => id === station)?.next ?? null;
  const choose = (next: string): void => {
    setAsked(next);
    // Back at a dead test, power has to be declared on again before the next live one.
    setLive(false);
    window.history.replaceState(null, "", `?station=${station}&method=${next}`);
  };
  return (
    <section
      aria-labelledby="bench-title"
      className="grid gap-x-9 gap-y-6 bg-sheet p-4 max-lg:pb-[84px] sm:p-[22px] lg:grid-cols-[minmax(0,1fr)_260px]"
    >
      <div className="relative flex min-w-0 flex-col gap-4">
        <h1 id="bench-title" className={`${isMetered && !linkAsked.isWanted ? "pr-[224px]" : "pr-[132px]"} text-[24px] font-bold`}>
          {STATION_LABELS[station].title}
        </h1>
        {isMetered ? <LinkSlot place={place} asked={linkAsked} /> : null}
        {method && methods && methods.length > 1 && view.methods ? (
          <MethodTabs methods={methods} names={view.methods} method={method.id} onMethod={choose}>
            {work}
          </MethodTabs>
        ) : (
          work
        )}
        <div className="absolute -top-1.5 right-0 flex items-center gap-1">
          {isMetered ? <LinkButton asked={linkAsked} /> : null}
          <HowButton station={station} method={method?.id ?? null} record={record} rules={[...read]} />
        </div>
      </div>
      <BenchActions
        station={station}
        isEmpty={record === blank || JSON.stringify(record) === JSON.stringify(blank)}
        onCleared={clear}
        next={next}
      >
        <PageLink href="/mock-bench" className="link-button inline-flex items-center">
          Mock bench: motors to learn on
        </PageLink>
        {next ? (
          <Suspense>
            <PartsBefore station={station} hand={hand} house={house} />
          </Suspense>
        ) : null}
      </BenchActions>
    </section>
  );
}
