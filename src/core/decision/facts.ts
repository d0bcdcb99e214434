import type { ActionId } from "../trade";

export interface DecisionFacts {
  /** what was decided */
  readonly action: ActionId | null;
}

export const NO_DECISION_FACTS: DecisionFacts = { action: null };
