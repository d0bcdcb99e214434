"use client";
import type { TravellerAssessment } from "@/core/traveller";
import type { HouseFigures } from "@/core/house";
import { assessKept, type KeptCard } from "@/store/queries";
import { useStudies } from "../station/useStudies";

/** A card with every long question answered; null while one is still being worked out. */
export function useAssessedCard(card: KeptCard, figures: HouseFigures): TravellerAssessment | null {
  const { assessment, isOpen } = assessKept(card, figures, useStudies());
  return isOpen ? null : assessment;
}
