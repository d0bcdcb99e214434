import type { Suspect } from "../trade";
import type { Hypothesis } from "../diagnosis";
import type { HouseFigures, NumberRuleId } from "../house";
import { normalFrom, quantileOfSorted, seriesFrom } from "../numeric";
import { costGiven, costModel, isCovered, spentOn, together, type ActionCosts, type CostModel, type JobTerms } from "./cost-model";
import { findHinge, type Hinge } from "./hinge";
import type { DecisionQuestion, Work } from "./question";

/** How a work's total cost spreads. */
export interface CostSpread extends Work {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
  readonly mean: number;
  /** share of the draws in which it was the cheapest */
  readonly bestShare: number;
}

export interface DecisionOutlook {
  readonly spreads: readonly CostSpread[];
  readonly hinge: Hinge | null;
  readonly draws: number;
}

/** Spread of what is not known yet, as a standard deviation of the log; trade judgement. */
const PRICE_SD = 0.12;
const MINUTES_SD = 0.3;
const LIFE_SD = 0.4;
const DRAWS = 3000;
const SEED = 61_417;
const QUANTILES = [0.05, 0.5, 0.95] as const;

const PRICED: readonly NumberRuleId[] = [
  "runCapacitorPrice",
  "startCapacitorPrice",
  "startSwitchPrice",
  "startRelayPrice",
  "bearingsPrice",
  "motorPrice",
  "controlPrice",
  "licensedPrice",
  "callbackCost",
];
const TIMED: readonly NumberRuleId[] = [
  "capacitorMinutes",
  "switchMinutes",
  "bearingMinutes",
  "bearingOneMinutes",
  "motorMinutes",
  "wiringMinutes",
  "loadMinutes",
];

function drawnFaults(hypotheses: readonly Hypothesis[], at: number): readonly Suspect[] {
  let sum = 0;
  for (const { faults, probability } of hypotheses) {
    sum += probability;
    if (sum >= at) return faults;
  }
  return hypotheses.at(-1)?.faults ?? [];
}

/** A job put together on the motor is drawn with the price and the minutes of the house's usual one. */
function drawnJob(job: JobTerms | null, house: HouseFigures, drawn: HouseFigures): JobTerms | null {
  if (!job) return null;
  const scale = (id: "bearingsPrice" | "bearingMinutes"): number => (house[id] > 0 ? drawn[id] / house[id] : 1);
  // A price that was quoted is known.
  return {
    ...job,
    partCost: job.isQuoted ? job.partCost : job.partCost * scale("bearingsPrice"),
    minutes: job.minutes * scale("bearingMinutes"),
  };
}

/** Figures of a house of which a draw makes its own. */
type DrawnFigures = { -readonly [Id in keyof HouseFigures]: HouseFigures[Id] };

/**
 * Total cost of each work over many draws of what is not known: which faults are there, prices, minutes, life left,
 * whether the work holds; and the figure the choice hinges on.
 * @param question what is asked, as plain data
 * @returns spread of each work, and what the choice hinges on
 * @source Raiffa & Schlaifer, Applied Statistical Decision Theory, 1.4; Metropolis & Ulam, The Monte Carlo Method (1949)
 */
export function simulateDecision(question: DecisionQuestion): DecisionOutlook {
  const { hypotheses, house, site, life, works, job, prices } = question;
  const random = seriesFrom(SEED);
  const normal = normalFrom(random);
  const totals = works.map((): number[] => []);
  const wins = works.map(() => 0);
  for (let draw = 0; draw < DRAWS; draw += 1) {
    const drawn: DrawnFigures = { ...house };
    for (const id of PRICED) drawn[id] *= Math.exp(PRICE_SD * normal());
    for (const id of TIMED) drawn[id] *= Math.exp(MINUTES_SD * normal());
    drawn.motorLifeYears *= Math.exp(LIFE_SD * normal());
    const faults = drawnFaults(hypotheses, random());
    const model = costModel(drawn, site, life, drawnJob(job, house, drawn), prices);
    const luck = random();
    let best = -1;
    let least = Infinity;
    works.forEach((work, index) => {
      const costs = costsOf(work, model);
      if (!costs) return;
      const total = drawnCost(costs, faults, model, luck);
      totals[index]?.push(total);
      if (total < least) [best, least] = [index, total];
    });
    if (best >= 0) wins[best] = (wins[best] ?? 0) + 1;
  }
  const spreads = works.map((work, index): CostSpread => {
    const sorted = [...(totals[index] ?? [])].sort((a, b) => a - b);
    const [low, middle, high] = QUANTILES.map((share) => quantileOfSorted(sorted, share)) as [number, number, number];
    const mean = sorted.reduce((sum, total) => sum + total, 0) / sorted.length;
    return { ...work, low, middle, high, mean, bestShare: (wins[index] ?? 0) / DRAWS };
  });
  return { spreads, hinge: findHinge(question), draws: DRAWS };
}

/** What a work costs in a model; null where this machine does not allow it. */
function costsOf({ action, also }: Work, { actions }: CostModel): ActionCosts | null {
  const first = actions.find((each) => each.action === action);
  const second = also === null ? null : actions.find((each) => each.action === also);
  if (!first || second === undefined) return null;
  return second ? together(first, second) : first;
}

/** Whether the work holds is drawn too, where the mean counts it in part. */
function drawnCost(costs: ActionCosts, faults: readonly Suspect[], model: CostModel, luck: number): number {
  if (faults.length === 0 || !isCovered(costs, faults)) return costGiven(costs, faults, model);
  const spent = spentOn(costs);
  return spent + costs.renewalCost + (luck > costs.holds ? model.callbackCost + spent : 0);
}
