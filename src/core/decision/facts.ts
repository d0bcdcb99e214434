import type { ActionId } from "../trade";

/** What is known on the job of the price of a work. */
export interface KnownPrice {
  readonly partCost: number;
  /** over the minutes the work takes anyway: there and back */
  readonly minutes: number;
  /** what the machine costs while it stands and waits */
  readonly waitCost: number;
}
/** Prices known on the job, by the work they stand for; a whole unit and a makeshift stand for ways of their own. */
export type KnownPrices = Readonly<Partial<Record<ActionId | "whole-unit" | "makeshift", KnownPrice>>>;

/** All that was quoted for a work; where one was taken, that one alone. */
export type QuotedPrices = Readonly<Partial<Record<keyof KnownPrices, readonly KnownPrice[]>>>;

/**
 * Of each work the price that is counted with: the cheapest of those quoted, with the way and the wait in it.
 * @param quoted what was quoted
 * @param hourlyRate of the house [money an hour]
 * @returns one price a work
 */
export function pricesInForce(quoted: QuotedPrices, hourlyRate: number): KnownPrices {
  const inAll = ({ partCost, minutes, waitCost }: KnownPrice): number => partCost + (minutes * hourlyRate) / 60 + waitCost;
  return Object.fromEntries(Object.entries(quoted).map(([work, prices]) => [work, prices.toSorted((a, b) => inAll(a) - inAll(b))[0]]));
}

export interface DecisionFacts {
  /** what was decided */
  readonly action: ActionId | null;
  /** done on the same visit */
  readonly also: ActionId | null;
  /** when it was decided, ISO 8601; null: nothing was, or nobody knows when */
  readonly decidedAt: string | null;
  readonly quotedPrices: QuotedPrices;
}

export const NO_DECISION_FACTS: DecisionFacts = { action: null, also: null, decidedAt: null, quotedPrices: {} };
