"use client";
import { useEffect, useMemo } from "react";
import { useSame } from "@/components/useSame";
import { watchedFigures, type HouseRuleId } from "@/core/house";
import type { StationId } from "@/core/stations";
import { amongRepeats, factsWith, groundBefore, judgedBy, stamped } from "@/core/traveller";
import type { StationRecord, Traveller } from "@/records";
import { soundStation } from "@/store/sound-row";
import { beginStation } from "@/store/write";
import { useHand } from "../stations/hands";
import { useStudies } from "../station/useStudies";
import type { Worked } from "./BenchTop";
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
    const record = (entry?.data ?? hand.blank) as typeof hand.blank;
    const read = new Set<HouseRuleId>();
    const figures = watchedFigures(house.figures, read);
    const facts = judgedBy(hand.definition, record, before.facts);
    const context = {
      ...before,
      facts,
      worked: new Set(before.worked),
      house: figures,
      earlier,
      study,
      at: createdAt,
      keyedAt: row?.updatedAt ?? null,
    };
    const rounds = (entry?.earlier ?? []).map((round) => ({
      why: round.why,
      assessment: hand.assess(round.data as typeof hand.blank, { ...context, facts: before.facts }),
    }));
    const assessment = amongRepeats(stamped(hand.assess(record, context), entry?.skippedReason), rounds);
    return { record, assessment, rules: [...read] };
  }, [hand, entry, row?.updatedAt, before, house, earlier, study, createdAt]);
  const facts = useSame(useMemo(() => factsWith(station, own?.assessment.facts ?? {}, ground), [station, own, ground]));
  const rules = useSame(own?.rules ?? NO_RULES);
  return useMemo(() => hand && own && { hand, facts, ...own, rules }, [hand, own, facts, rules]);
}
