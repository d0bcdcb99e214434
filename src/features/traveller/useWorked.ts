"use client";
import { useEffect, useMemo } from "react";
import type { StationId } from "@/core/stations";
import { factsWith, groundBefore, stamped } from "@/core/traveller";
import type { StationRecord, Traveller } from "@/records";
import { soundStation } from "@/store/sound-row";
import { beginStation } from "@/store/write";
import { useHand } from "../stations/hands";
import { useStudies } from "../station/useStudies";
import type { Worked } from "./BenchTop";
import type { CardAnswer } from "./card-answer";

/**
 * The station in hand, assessed on the screen itself with every key, on what the others came to when the whole card was last
 * assessed; null while it is being fetched.
 */
export function useWorked(
  { id, createdAt }: Traveller,
  station: StationId,
  row: StationRecord | undefined,
  { ground, house, earlier }: Pick<CardAnswer, "ground" | "house" | "earlier">,
): Worked | null {
  const hand = useHand(station);
  const study = useStudies();
  const isNew = row === undefined;
  useEffect(() => {
    if (hand && isNew) beginStation(id, station, hand.blank);
  }, [hand, isNew, id, station]);
  const entry = useMemo(() => hand && row && soundStation(hand, row), [hand, row]);
  return useMemo(() => {
    if (!hand) return null;
    const record = (entry?.data ?? hand.blank) as typeof hand.blank;
    const context = { ...groundBefore(station, ground), house: house.figures, earlier, study, at: createdAt };
    const assessment = stamped(hand.assess(record, context), entry?.skippedReason);
    return { hand, record, assessment, facts: factsWith(station, assessment.facts, ground) };
  }, [hand, entry, station, ground, house, earlier, study, createdAt]);
}
