"use client";
import { useEffect, useMemo } from "react";
import { useSame } from "@/components/useSame";
import { watchedFigures, type HouseRuleId } from "@/core/house";
import type { StationId } from "@/core/stations";
import { assessStation, factsWith, groundBefore } from "@/core/traveller";
import type { StationRecord, Traveller } from "@/records";
import { soundStation } from "@/store/sound-row";
import { beginStation } from "@/store/write";
import { useHand } from "../stations/hands";
import { useStudies } from "../station/useStudies";
import type { Worked } from "./worked";
import type { CardAnswer } from "./card-answer";

const NO_RULES: readonly HouseRuleId[] = [];

/** As plain data, so that it can be told whether it says the same. */
const listed = <Ground extends { readonly worked: ReadonlySet<StationId> }>(ground: Ground) => ({ ...ground, worked: [...ground.worked] });

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
  // What the whole card says of this station is no news to it.
  const before = useSame(useMemo(() => listed(groundBefore(station, ground)), [station, ground]));
  const own = useMemo(() => {
    if (!hand) return null;
    const read = new Set<HouseRuleId>();
    const { record, assessment } = assessStation(hand, entry ? { ...entry, keyedAt: entry.updatedAt } : undefined, {
      ...before,
      worked: new Set(before.worked),
      house: watchedFigures(house.figures, read),
      earlier,
      study,
      at: createdAt,
    });
    return { record: record as typeof hand.blank, assessment, rules: [...read] };
  }, [hand, entry, before, house, earlier, study, createdAt]);
  const facts = useSame(useMemo(() => factsWith(station, own?.assessment.facts ?? {}, ground), [station, own, ground]));
  const rules = useSame(own?.rules ?? NO_RULES);
  return useMemo(() => hand && own && { hand, facts, ...own, rules }, [hand, own, facts, rules]);
}
