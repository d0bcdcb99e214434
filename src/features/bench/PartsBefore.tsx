"use client";
import { Stamp } from "@/components/Stamp";
import { NO_FACTS } from "@/core/facts";
import type { StationId } from "@/core/stations";
import type { House } from "@/records";
import { clearQueue, takeInHand, useBenchQueue, type LaidAside } from "@/store/bench-queue";
import type { StationInHand } from "../station/in-hand";
import { stampWordOf } from "../station/stamp-word-of";
import { useStudies } from "../station/useStudies";
import { viewOf } from "../stations/registry";
import { assessStation, noGrounds } from "@/core/traveller";

interface PartsBeforeProps {
  readonly station: StationId;
  readonly hand: StationInHand;
  readonly house: House;
}

/** Parts checked one after another: each with its verdict, and in hand again with one press. */
export function PartsBefore({ station, hand, house }: PartsBeforeProps) {
  const answer = useBenchQueue(station);
  const row = answer.state === "ready" ? answer.value : [];
  if (row.length === 0) return null;
  return (
    <section aria-label="Checked before" className="flex flex-col gap-2">
      <h2 className="heading-rule text-[14px]">
        Checked before <span className="caption font-normal">{row.length}</span>
      </h2>
      <ul>
        {row.map((each) => (
          <li key={each.at} className="border-b border-rule-faint">
            <button
              type="button"
              className="flex min-h-[48px] w-full items-center justify-between gap-3 text-left text-[14px] hover:bg-press-wash"
              onClick={() => void takeInHand(station, each.at, new Date().toISOString())}
            >
              <Part each={each} station={station} hand={hand} house={house} />
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="btn btn-plain self-start" onClick={() => void clearQueue(station)}>
        Throw these away
      </button>
    </section>
  );
}

function Part({ each, station, hand, house }: { each: LaidAside } & PartsBeforeProps) {
  const study = useStudies();
  const { assessment } = assessStation(hand, { data: each.value, skippedReason: null }, noGrounds(house.figures, study));
  const first = viewOf(station).say(each.value, assessment, NO_FACTS, house.figures)[0]?.text;
  return (
    <>
      <span className="line-clamp-2 min-w-0">{first ?? "Nothing keyed"}</span>
      <Stamp tone={assessment.stamp}>{stampWordOf(hand.view, assessment)}</Stamp>
    </>
  );
}
