import type { ActionId, Hypothesis, Suspect } from "../diagnosis";
import type { HouseFigures } from "../house";
import { ACTION_TABLE, actionCost } from "./actions";

/** An action with what it costs, how likely it cures, and what it costs on average once callbacks are counted. */
export interface ActionOffer {
  readonly action: ActionId;
  readonly cost: number;
  readonly cureProbability: number;
  readonly expectedCost: number;
}

/** Actions that are weighed by cost; the others are a person's choice, always open, never proposed by price. */
const WEIGHED: readonly ActionId[] = [
  "replace-run-capacitor",
  "replace-start-capacitor",
  "service-start-switch",
  "replace-start-relay",
  "replace-bearings",
  "replace-motor",
  "repair-wiring-or-supply",
  "free-load",
  "repair-control",
  "wait-and-retest",
  "no-repair",
];

/** Chance that nothing is left wrong after the action: the sets of faults it covers whole. */
function cureProbability(action: ActionId, hypotheses: readonly Hypothesis[]): number {
  let sum = 0;
  for (const { faults, probability } of hypotheses) if (isCovered(action, faults)) sum += probability;
  return sum;
}

// The sets of faults are the same objects every time, so each answer is worked out once.
const covered = new Map<ActionId, WeakMap<readonly Suspect[], boolean>>();

/** Whether an action mends every fault of a set. Work done on a sound motor leaves it sound: the empty set is covered by all. */
function isCovered(action: ActionId, faults: readonly Suspect[]): boolean {
  const known = covered.get(action) ?? new WeakMap<readonly Suspect[], boolean>();
  covered.set(action, known);
  const before = known.get(faults);
  if (before !== undefined) return before;
  const { cures } = ACTION_TABLE[action];
  const is = faults.every((fault) => cures.includes(fault));
  known.set(faults, is);
  return is;
}

/**
 * Actions by expected cost: cost + (1 − cure) × what an uncured motor costs (the house's callback and the work done then).
 * An action that mends nothing likely is not offered: it must cover at least one fault with 1 % or more.
 * @returns cheapest expected cost first
 * @source Raiffa & Schlaifer, Applied Statistical Decision Theory, 1.3 (expected value of terminal action)
 */
export function rankActions(hypotheses: readonly Hypothesis[], house: HouseFigures): ActionOffer[] {
  const nothingWrong = hypotheses.find((h) => h.faults.length === 0)?.probability ?? 0;
  return WEIGHED.map((action): ActionOffer => {
    const cost = actionCost(action, house);
    const cure = cureProbability(action, hypotheses);
    return {
      action,
      cost,
      cureProbability: cure,
      expectedCost: cost + (1 - cure) * (house.callbackCost + house.motorPrice),
    };
  })
    .filter(({ action, cureProbability: cure }) => (action === "no-repair" ? nothingWrong >= 0.01 : cure - nothingWrong >= 0.01))
    .sort((a, b) => a.expectedCost - b.expectedCost);
}
