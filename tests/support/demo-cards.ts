import { NO_STUDY } from "@/core/study";
import { toHouseFigures } from "@/core/house";
import { demoRecords } from "@/records/demo";
import { assessCard } from "@/store/kept-card";
import { joinCards } from "./join-cards";

/** Every card of the demo with its records and earlier visits, as it stands on a day. */
export function demoCards(now: Date) {
  const { travellers, stations } = demoRecords(now);
  return joinCards(travellers, stations).map((card) => ({ ...card, assessment: assessCard(card, toHouseFigures({}), NO_STUDY) }));
}

/** One of them by its id. */
export function demoCard<T extends { readonly traveller: { readonly id: string } }>(cards: readonly T[], id: string): T {
  const card = cards.find(({ traveller }) => traveller.id === `demo-${id}`);
  if (!card) throw new Error(`the demo has no card ${id}`);
  return card;
}
