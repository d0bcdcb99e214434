import type { HouseFigures } from "@/core/house";
import type { Study } from "@/core/study";
import { assessKept, type KeptCard } from "@/store/kept-card";
import { presentStudies, subscribeStudies } from "@/workers/studies";

/** What takes longer is told as open. */
const PATIENCE_MS = 8000;

/**
 * Waits until every long question of a card is answered, or its time is over.
 * @returns the answers there are then: what is still open stands open in what is made with them
 */
export function settledStudies(card: KeptCard, house: HouseFigures, patienceMs = PATIENCE_MS): Promise<Study> {
  const isOpen = (): boolean => assessKept(card, house, presentStudies()).isOpen;
  return new Promise((resolve) => {
    if (!isOpen()) return resolve(presentStudies());
    const end = (): void => {
      clearTimeout(timer);
      unsubscribe();
      resolve(presentStudies());
    };
    const timer = setTimeout(end, patienceMs);
    const unsubscribe = subscribeStudies(() => {
      if (!isOpen()) end();
    });
  });
}
