import type { Hypothesis } from "../diagnosis";
import type { HouseFigures } from "../house";
import type { ActionCosts, JobTerms, Life } from "./cost-model";
import type { ActionOffer } from "./rank-actions";
import type { KnownPrices } from "./facts";
import type { RepairSite } from "./site";

/** What is asked of the simulation. Plain data: it goes to a worker. */
export interface DecisionQuestion {
  readonly hypotheses: readonly Hypothesis[];
  readonly house: HouseFigures;
  readonly site: RepairSite;
  readonly life: Life;
  /** the bearing job as put together; null: the house's usual one */
  readonly job: JobTerms | null;
  /** prices known on the job, before the house's */
  readonly prices: KnownPrices;
  /** works to compare, the best first */
  readonly works: readonly Work[];
}

/** One action, or two on the same visit. */
export type Work = Pick<ActionCosts, "action" | "also">;

/** Works that are compared, the best first. */
const COMPARED = 3;
/** Faults that are all but excluded change no sum, and would only make the question larger. */
const LEAST_PROBABILITY = 1e-4;

/** What the line-up and the ranking come to, as the question takes it. */
export interface DecisionGround extends Omit<DecisionQuestion, "works"> {
  readonly offers: readonly ActionOffer[];
}

/**
 * What is asked of the simulation once the evidence is weighed and the actions are ranked.
 * @param ground hypotheses, ranked offers, and what the actions were weighed with
 * @returns the question with the best few works and the hypotheses that can change a sum
 */
export function decisionQuestion({ offers, hypotheses, ...ground }: DecisionGround): DecisionQuestion {
  return {
    ...ground,
    hypotheses: hypotheses.filter(({ probability }) => probability > LEAST_PROBABILITY),
    works: offers.slice(0, COMPARED).map(({ action, also }) => ({ action, also })),
  };
}
