import type { Suspect } from "../trade";

/**
 * Priors are of the fault behind a call. A second, unrelated fault in the same motor is rarer than that: it did not
 * bring about the call. Trade judgement.
 */
const UNRELATED = 0.2;

/** Faults of which one brings about the other: how much oftener than unrelated ones they come together, and why. */
export const TOGETHER: readonly { readonly pair: readonly [Suspect, Suspect]; readonly factor: number; readonly why: string }[] = [
  { pair: ["run-capacitor", "shorted-turns"], factor: 0.9, why: "weeks on a weak capacitor overheat the windings" },
  { pair: ["run-capacitor", "start-winding"], factor: 0.6, why: "a shorted capacitor puts the start winding straight on the line" },
  { pair: ["run-capacitor", "bearing-worn"], factor: 0.35, why: "both wear out with the years" },
  { pair: ["start-capacitor", "start-switch"], factor: 0.9, why: "a switch that stays in cooks the start capacitor" },
  { pair: ["start-capacitor", "start-relay"], factor: 0.9, why: "a relay that stays in cooks the start capacitor" },
  { pair: ["start-switch", "start-winding"], factor: 0.8, why: "a start winding left in burns within minutes" },
  { pair: ["start-switch", "shorted-turns"], factor: 0.5, why: "a start winding left in heats the main winding too" },
  { pair: ["bearing-worn", "shorted-turns"], factor: 0.5, why: "drag and heat of a worn bearing age the windings" },
  { pair: ["shorted-turns", "ground-fault"], factor: 1, why: "a burnt winding goes to the frame" },
  { pair: ["main-winding", "ground-fault"], factor: 0.8, why: "a burnt winding goes to the frame" },
  { pair: ["driven-load", "bearing-worn"], factor: 0.5, why: "an unbalanced wheel or a tight belt wears the bearing" },
  { pair: ["supply", "run-capacitor"], factor: 0.4, why: "high or unsteady volts shorten a capacitor's life" },
];

const found = new Map(TOGETHER.flatMap(({ pair: [a, b], factor }) => [[`${a} ${b}`, factor] as const, [`${b} ${a}`, factor] as const]));

/** Weight of a set of faults over the product of their odds: 1 for none or one; below it for two, less so where one causes the other. */
export function togetherFactor(faults: readonly Suspect[]): number {
  const [first, second] = faults;
  if (first === undefined || second === undefined) return 1;
  return found.get(`${first} ${second}`) ?? UNRELATED;
}

/**
 * Why two faults come together, if one is known to bring about the other.
 * @param first the fault that comes first
 * @param second the fault that comes of it
 * @returns the reason; null: none is known
 */
export function whyTogether(first: Suspect, second: Suspect): string | null {
  return TOGETHER.find(({ pair }) => pair.includes(first) && pair.includes(second))?.why ?? null;
}
