import type { HouseFigures } from "./rules";
import { HOUSE_RULES, type HouseRuleId } from "./rules";

/** Rules that say how often a work comes back. */
export type ReturnsRuleId = Extract<HouseRuleId, `returns${string}`>;

/**
 * How well a work holds in this house: what the table says, with its failures as often as the house says they are.
 * @param holds chance of the table that the work holds [0..1]
 * @param rule rule of the house for that work
 * @param house house rules in force
 * @returns chance, 0..1; the table's own while the house has set nothing
 */
export const holdsHere = (holds: number, rule: ReturnsRuleId, house: HouseFigures): number =>
  Math.max(0, 1 - ((1 - holds) * house[rule]) / HOUSE_RULES[rule].fallback);
