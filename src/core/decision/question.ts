import type { Hypothesis } from "../diagnosis";
import type { HouseFigures } from "../house";
import type { ActionCosts, JobTerms, Life } from "./cost-model";
import type { RepairSite } from "./site";

/** What is asked of the simulation. Plain data: it goes to a worker. */
export interface DecisionQuestion {
  readonly hypotheses: readonly Hypothesis[];
  readonly house: HouseFigures;
  readonly site: RepairSite;
  readonly life: Life;
  /** the bearing job as put together; null: the house's usual one */
  readonly job: JobTerms | null;
  /** works to compare, the best first */
  readonly works: readonly Work[];
}

/** One action, or two on the same visit. */
export type Work = Pick<ActionCosts, "action" | "also">;
