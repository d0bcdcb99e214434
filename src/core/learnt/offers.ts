import { ACTION_TABLE, JUDGED_WORKS, RETURNS_OF, type JudgedWork } from "../decision";
import { PRIOR_RULES, priorsFor } from "../diagnosis";
import { HOUSE_RULES, type HouseFigures, type NumberRuleId } from "../house";
import type { Suspect } from "../trade";
import type { Learnt } from "./learn";
import { learntShare, rateOf, type Rate } from "./rate";

/** A house rule that the house's own cards would set otherwise. */
export interface Offer {
  readonly rule: NumberRuleId;
  readonly kind: "returns" | "minutes" | "prior";
  readonly now: number;
  readonly to: number;
  /** of which it was learnt: the works for a rule of theirs, the part for a prior */
  readonly of: JudgedWork | Suspect;
  readonly cases: number;
  /** where it is a rate */
  readonly rate: Rate | null;
  /** the rule stands as it was learnt */
  readonly isTaken: boolean;
  /** what the tables say of it among these very motors, 0..1; null: it is no rate */
  readonly usualShare: number | null;
}

type Found = Omit<Offer, "isTaken">;

/** Fewer cases change nothing. */
const FEWEST = 5;
const PERCENT = 100;
/** The table's minutes count as so many jobs of the house's own. */
const TABLE_JOBS = 5;

const bounded = (rule: NumberRuleId, value: number): number => {
  const { min, max } = HOUSE_RULES[rule];
  return Math.min(max, Math.max(min, value));
};
const toStep = (value: number, step: number): number => Math.round(value / step) * step;

function returnsOffers({ byWork }: Learnt, house: HouseFigures): Found[] {
  return JUDGED_WORKS.flatMap((work): Found[] => {
    const outcome = byWork[work];
    if (!outcome || outcome.returns.cases < FEWEST) return [];
    const rule = RETURNS_OF[work];
    const { hits, cases } = outcome.returns;
    // Always from the table: what was taken before was learnt of the same cards.
    const share = learntShare(HOUSE_RULES[rule].fallback / PERCENT, hits, cases);
    return [
      {
        rule,
        kind: "returns",
        now: house[rule],
        to: bounded(rule, toStep(share * PERCENT, 0.5)),
        of: work,
        cases,
        rate: outcome.returns,
        usualShare: HOUSE_RULES[rule].fallback / PERCENT,
      },
    ];
  });
}

function minutesOffers({ minutes }: Learnt, house: HouseFigures): Found[] {
  const byRule = new Map<NumberRuleId, { of: JudgedWork; sum: number; cases: number }>();
  for (const work of JUDGED_WORKS) {
    const taken = minutes[work];
    if (!taken) continue;
    const rule = ACTION_TABLE[work].minutes;
    const known = byRule.get(rule) ?? { of: work, sum: 0, cases: 0 };
    byRule.set(rule, { ...known, sum: known.sum + taken.median * taken.cases, cases: known.cases + taken.cases });
  }
  return [...byRule].flatMap(([rule, { of, sum, cases }]): Found[] => {
    if (cases < FEWEST) return [];
    const to = (HOUSE_RULES[rule].fallback * TABLE_JOBS + sum) / (TABLE_JOBS + cases);
    return [{ rule, kind: "minutes", now: house[rule], to: bounded(rule, toStep(to, 1)), of, cases, rate: null, usualShare: null }];
  });
}

/** How often the tables would have each part at fault among these very motors. */
function expectedShares({ clear }: Learnt): ReadonlyMap<Suspect, number> {
  const shares = new Map<Suspect, number>();
  for (const { profile } of clear) {
    const priors = priorsFor(profile);
    const total = [...priors.values()].reduce((sum, prior) => sum + prior, 0);
    for (const [suspect, prior] of priors) shares.set(suspect, (shares.get(suspect) ?? 0) + prior / total / clear.length);
  }
  return shares;
}

function priorOffers(learnt: Learnt, house: HouseFigures): Found[] {
  const cases = learnt.clear.length;
  if (cases < FEWEST) return [];
  return [...expectedShares(learnt)].flatMap(([suspect, share]): Found[] => {
    const rule = PRIOR_RULES[suspect];
    if (rule === undefined || share <= 0) return [];
    const hits = learnt.found[suspect] ?? 0;
    const to = bounded(rule, toStep(learntShare(share, hits, cases) / share, 0.05));
    return [{ rule, kind: "prior", now: house[rule], to, of: suspect, cases, rate: rateOf(hits, cases), usualShare: share }];
  });
}

/**
 * House rules that the house's own cards would set otherwise, with what they would become: the table's figure, moved by the
 * house's cases, within the bounds of the rule. Nothing is set by itself.
 * @param learnt what the house has learnt
 * @param house house rules in force
 * @returns rules that would change, and those that stand as they were learnt
 */
export function offersOf(learnt: Learnt, house: HouseFigures): readonly Offer[] {
  return [...returnsOffers(learnt, house), ...minutesOffers(learnt, house), ...priorOffers(learnt, house)].flatMap((found): Offer[] => {
    const to = Number(found.to.toFixed(2));
    const isTaken = isSame(found.now, to);
    // What the cards say is what the table says: there is nothing to take, and nothing was.
    return isTaken && isSame(to, HOUSE_RULES[found.rule].fallback) ? [] : [{ ...found, to, isTaken }];
  });
}

const isSame = (a: number, b: number): boolean => Math.abs(a - b) < 1e-9;
