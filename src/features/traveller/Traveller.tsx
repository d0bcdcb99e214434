"use client";
import { lazy, Suspense, useCallback, useMemo, useState } from "react";
import type { Loose } from "@/core/kept";
import type { CardRows } from "@/store/card-rows";
import { usePending } from "@/store/usePending";
import { stationRowInHand, readAgain, updateInTime, updateStation } from "@/store/write";
import { Reading } from "../shell/Screen";
import type { ChangeStation, ReadAgain } from "./worked";
import { CardInHand, type RowsByStation } from "./CardInHand";
import { useCardAnswer } from "./useCardAnswer";

const CardTrouble = lazy(() => import("./CardTrouble"));

interface TravellerProps {
  readonly card: CardRows;
  readonly house: Loose;
  readonly first: string | null;
  readonly firstMethod: string | null;
}

const NONE_LEFT_OUT: readonly string[] = [];

/** A card: what is keyed on it at once, and what the whole of it comes to as soon as it is assessed. */
export function Traveller({ card, house, first, firstMethod }: TravellerProps) {
  const { traveller, earlier } = card;
  const { id } = traveller;
  const kept = useMemo((): RowsByStation => Object.fromEntries(card.rows.map((row) => [row.stationId, row])), [card.rows]);
  const [rows, change] = usePending(kept);
  const [leaveOut, setLeaveOut] = useState(NONE_LEFT_OUT);
  const request = useMemo(
    () => ({ traveller, rows: Object.values(rows), earlier, house, leaveOut }),
    [traveller, rows, earlier, house, leaveOut],
  );
  const { answer, failure, retry, begin } = useCardAnswer(id, request);
  const toggleLeftOut = useCallback(
    (key: string) => setLeaveOut((now) => (now.includes(key) ? now.filter((each) => each !== key) : [...now, key])),
    [],
  );
  const changeStation: ChangeStation = useCallback(
    (station, apply, timed) =>
      change(
        () => (timed ? updateInTime(id, station, timed, apply) : updateStation(id, station, apply)),
        (now) => ({ ...now, [station]: stationRowInHand(id, station) ?? now[station] }),
      ),
    [id, change],
  );
  const again: ReadAgain = useCallback(
    (station, timed) =>
      change(
        () => readAgain(id, station, timed),
        (now) => ({ ...now, [station]: stationRowInHand(id, station) ?? now[station] }),
      ),
    [id, change],
  );
  const trouble = failure ? (
    <Suspense>
      <CardTrouble failure={failure} onRetry={retry} />
    </Suspense>
  ) : null;
  if (answer === null) return trouble ?? <Reading />;
  return (
    <CardInHand
      traveller={traveller}
      rows={rows}
      answer={answer}
      trouble={trouble}
      onThere={begin}
      first={first}
      firstMethod={firstMethod}
      onChange={changeStation}
      onAgain={again}
      onLeaveOut={toggleLeftOut}
    />
  );
}
