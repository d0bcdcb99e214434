import type { Suspect } from "../trade";
import { marginalProbabilities, type Hypothesis } from "../diagnosis";
import { costModel } from "./cost-model";
import { rankActions } from "./rank-actions";
import type { DecisionQuestion, Work } from "./question";

/** A figure that nobody knows well and that may turn the choice. */
export const HINGE_FIGURES = ["lead-probability", "motor-price", "hourly-rate", "callback-cost", "motor-age", "machine-years"] as const;
export type HingeFigure = (typeof HINGE_FIGURES)[number];

/** Expected cost of the actions over one figure, and where the cheapest changes. */
export interface Hinge {
  readonly figure: HingeFigure;
  /** of lead-probability: whose */
  readonly suspect: Suspect | null;
  readonly now: number;
  readonly values: readonly number[];
  readonly lines: readonly (Work & { readonly costs: readonly number[] })[];
  /** where another action becomes the cheapest; null: nowhere in the range */
  readonly crossing: { readonly at: number; readonly from: Work; readonly to: Work } | null;
}

const STEPS = 40;

type Changed = Pick<DecisionQuestion, "hypotheses" | "house" | "life" | "prices">;
interface FigureSpec {
  readonly now: (question: DecisionQuestion) => number;
  readonly range: (now: number) => readonly [low: number, high: number];
  readonly set: (question: DecisionQuestion, value: number) => Changed;
}

const leadOf = ({ hypotheses }: DecisionQuestion): Suspect | null => {
  let lead: Suspect | null = null;
  let most = 0;
  for (const [suspect, probability] of marginalProbabilities(hypotheses)) if (probability > most) [lead, most] = [suspect, probability];
  return lead;
};

/** The same belief with the leader's probability set; all else keeps its proportions. */
function withLead(hypotheses: readonly Hypothesis[], lead: Suspect, wanted: number): Hypothesis[] {
  const has = ({ faults }: Hypothesis): boolean => faults.includes(lead);
  const sum = hypotheses.filter(has).reduce((total, { probability }) => total + probability, 0);
  return hypotheses.map((each) => ({
    faults: each.faults,
    probability: has(each)
      ? (each.probability / Math.max(sum, 1e-9)) * wanted
      : (each.probability / Math.max(1 - sum, 1e-9)) * (1 - wanted),
  }));
}

const around = (low: number, high: number) => (now: number) => [now * low, now * high] as const;

/** What each figure is now, how far it may reasonably lie, and what it changes. Ranges are trade judgement. */
const FIGURES: Record<HingeFigure, FigureSpec> = {
  "lead-probability": {
    now: (question) => marginalProbabilities(question.hypotheses).get(leadOf(question) ?? "supply") ?? 0,
    range: () => [0.02, 0.98],
    set: (question, value) => ({ ...question, hypotheses: withLead(question.hypotheses, leadOf(question) ?? "supply", value) }),
  },
  "motor-price": {
    now: ({ house, prices }) => prices["replace-motor"]?.partCost ?? house.motorPrice,
    range: around(0.4, 2),
    set: (question, value) => {
      const quoted = question.prices["replace-motor"];
      return quoted
        ? { ...question, prices: { ...question.prices, "replace-motor": { ...quoted, partCost: value } } }
        : { ...question, house: { ...question.house, motorPrice: value } };
    },
  },
  "hourly-rate": {
    now: ({ house }) => house.hourlyRate,
    range: around(0.5, 2),
    set: (question, value) => ({ ...question, house: { ...question.house, hourlyRate: value } }),
  },
  "callback-cost": {
    now: ({ house }) => house.callbackCost,
    range: around(0.3, 2.5),
    set: (question, value) => ({ ...question, house: { ...question.house, callbackCost: value } }),
  },
  "motor-age": {
    now: ({ house, life }) => life.motorAgeYears ?? house.motorLifeYears / 2,
    range: () => [0, 20],
    set: (question, value) => ({ ...question, life: { ...question.life, motorAgeYears: value } }),
  },
  "machine-years": {
    now: ({ house, life }) => life.machineYearsLeft ?? house.horizonYears,
    range: () => [0.5, 10],
    set: (question, value) => ({ ...question, life: { ...question.life, machineYearsLeft: value } }),
  },
};

const keyOf = ({ action, also }: Work): string => `${action} ${also ?? ""}`;
const workOf = ({ action, also }: Work): Work => ({ action, also });

function hingeOn(figure: HingeFigure, question: DecisionQuestion): Hinge {
  const spec = FIGURES[figure];
  const now = spec.now(question);
  const [low, high] = spec.range(now);
  const values = Array.from({ length: STEPS + 1 }, (_, index) => low + ((high - low) * index) / STEPS);
  const at = (value: number): Map<string, number> => {
    const changed = spec.set(question, value);
    const offers = rankActions(changed.hypotheses, costModel(changed.house, question.site, changed.life, question.job, changed.prices));
    return new Map(offers.map((offer) => [keyOf(offer), offer.expectedCost]));
  };
  const costs = values.map(at);
  // An action that is not offered over the whole range has no line.
  const lines = question.works
    .filter((work) => costs.every((each) => each.has(keyOf(work))))
    .map(({ action, also }) => ({ action, also, costs: costs.map((each) => each.get(keyOf({ action, also })) ?? 0) }));
  const cheapest = values.map((_, index) => [...lines].sort((a, b) => (a.costs[index] ?? 0) - (b.costs[index] ?? 0))[0]);
  const crossings = values.flatMap((value, index) => {
    const [before, after] = [cheapest[index - 1], cheapest[index]];
    if (!before || !after || before === after) return [];
    const gap = (i: number): number => (after.costs[i] ?? 0) - (before.costs[i] ?? 0);
    const share = gap(index - 1) / (gap(index - 1) - gap(index));
    return [{ at: (values[index - 1] ?? value) + share * (value - (values[index - 1] ?? value)), from: workOf(before), to: workOf(after) }];
  });
  const crossing = crossings.sort((a, b) => Math.abs(a.at - now) - Math.abs(b.at - now))[0] ?? null;
  return { figure, suspect: figure === "lead-probability" ? leadOf(question) : null, now, values, lines, crossing };
}

/** How near the crossing lies, as a part of the range; none: how much the gap between the two best changes over the range. */
function closeness({ now, values, crossing, lines: [first, second] }: Hinge): number {
  const span = (values.at(-1) ?? 1) - (values[0] ?? 0);
  if (crossing) return 1 + (1 - Math.min(1, Math.abs(crossing.at - now) / span));
  if (!first || !second) return 0;
  const gaps = first.costs.map((cost, index) => (second.costs[index] ?? 0) - cost);
  const widest = Math.max(...gaps.map(Math.abs));
  return widest > 0 ? Math.min(1, (Math.max(...gaps) - Math.min(...gaps)) / widest) / 2 : 0;
}

/**
 * The figure the choice hinges on: of those nobody knows well, the one whose crossing lies nearest to what is taken for it
 * now; where none turns the choice, the one that moves the gap between the best two most.
 * @param question hypotheses, prices and works to compare
 * @returns null where there is nothing to choose between
 */
export function findHinge(question: DecisionQuestion): Hinge | null {
  const hinges = HINGE_FIGURES.map((figure) => hingeOn(figure, question)).filter(({ lines }) => lines.length >= 2);
  return hinges.sort((a, b) => closeness(b) - closeness(a))[0] ?? null;
}
