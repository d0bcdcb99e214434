import type { Suspect } from "../trade";
import type { Hypothesis } from "../diagnosis";
import type { HouseFigures } from "../house";
import type { KnownPrice, KnownPrices } from "./facts";

/** Ways on where the maker has no spares for this motor. */
export const CUSTOM_WAYS = ["parts-inside", "made-bracket", "whole-unit", "make-it-hold"] as const;
export type CustomWay = (typeof CUSTOM_WAYS)[number];

export interface CustomOption {
  readonly way: CustomWay;
  readonly cost: number;
  readonly minutes: number;
  readonly cureProbability: number;
  readonly expectedCost: number;
}

/** Nothing said on the job: nothing over the house's price. */
const NOTHING_KNOWN: KnownPrice = { partCost: 0, minutes: 0, waitCost: 0 };

/** Parts that are standard even inside a motor nobody else makes. */
const STANDARD_INSIDE: readonly Suspect[] = ["run-capacitor", "start-capacitor", "start-relay", "bearing-worn", "bearing-seized"];
/** What is mended by making a cover, bracket or joint hold. */
const HELD: readonly Suspect[] = ["start-switch", "wiring", "driven-load"];
const OUTSIDE: readonly Suspect[] = ["supply", "wiring", "control", "driven-load"];

/**
 * A motor without spares: its standard parts (bearings, capacitor) replaced, a standard motor on a made bracket, the
 * whole unit, or what is loose made to hold; by expected cost, counting a callback and the whole unit where it did not cure.
 * @param hypotheses sets of faults with their probabilities
 * @param house house rules in force
 * @param prices known on the job: they stand before the house's
 * @returns ways, the cheapest first, each with what it cures
 */
export function customOptions(hypotheses: readonly Hypothesis[], house: HouseFigures, prices: KnownPrices = {}): CustomOption[] {
  const known = (of: keyof KnownPrices): KnownPrice => prices[of] ?? NOTHING_KNOWN;
  // What was quoted stands before the house's price, with what the machine costs while it waits for it.
  const priceOf = (of: keyof KnownPrices, housePrice: number): number => (prices[of]?.partCost ?? housePrice) + (prices[of]?.waitCost ?? 0);
  const minutePrice = house.hourlyRate / 60;
  const rows: readonly { way: CustomWay; parts: number; minutes: number; mends: (fault: Suspect) => boolean }[] = [
    {
      way: "parts-inside",
      parts: priceOf("replace-bearings", house.bearingsPrice) + priceOf("replace-run-capacitor", house.runCapacitorPrice),
      minutes: house.bearingMinutes + known("replace-bearings").minutes + known("replace-run-capacitor").minutes,
      mends: (fault) => STANDARD_INSIDE.includes(fault),
    },
    {
      way: "made-bracket",
      parts: priceOf("replace-motor", house.motorPrice) + priceOf("makeshift", house.bracketPrice),
      minutes: house.motorMinutes + house.bracketMinutes + known("replace-motor").minutes + known("makeshift").minutes,
      mends: (fault) => !OUTSIDE.includes(fault),
    },
    {
      way: "whole-unit",
      parts: priceOf("whole-unit", house.unitPrice),
      minutes: house.unitMinutes + known("whole-unit").minutes,
      mends: (fault) => fault !== "supply" && fault !== "wiring",
    },
    {
      way: "make-it-hold",
      parts: priceOf("makeshift", 0),
      minutes: house.holdMinutes + known("makeshift").minutes,
      mends: (fault) => HELD.includes(fault),
    },
  ];
  const fallback = house.callbackCost + house.unitPrice + house.unitMinutes * minutePrice;
  return rows
    .map(({ way, parts, minutes, mends }): CustomOption => {
      const cost = parts + minutes * minutePrice;
      const cure = hypotheses.reduce((sum, { faults, probability }) => (faults.every(mends) ? sum + probability : sum), 0);
      return { way, cost, minutes, cureProbability: cure, expectedCost: cost + (1 - cure) * fallback };
    })
    .sort((a, b) => a.expectedCost - b.expectedCost);
}
