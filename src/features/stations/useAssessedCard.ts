"use client";
import { useMemo } from "react";
import type { HouseFigures } from "@/core/house";
import type { Study, TravellerAssessment } from "@/core/stations";
import { assessCard, type KeptCard } from "@/store/queries";
import { useStudies } from "./useStudies";

/** A card with every long question answered; null while one is still being worked out. */
export function useAssessedCard(card: KeptCard, figures: HouseFigures): TravellerAssessment | null {
  const study = useStudies();
  return useMemo(() => {
    let isOpen = false;
    const watched: Study = (station, question) => {
      const answer = study(station, question);
      isOpen ||= answer === null;
      return answer;
    };
    const assessment = assessCard(card, figures, watched);
    return isOpen ? null : assessment;
  }, [card, figures, study]);
}
