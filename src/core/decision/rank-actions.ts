import type { ActionId, Suspect } from "../trade";
import { marginalProbabilities, type Hypothesis } from "../diagnosis";
import { SLOW_FAULTS } from "./actions";
import { costGiven, isCovered, spentOn, together, type ActionCosts, type CostModel } from "./cost-model";

/** An action with what it costs now, how likely it cures and brings one back, and what it costs on average in the end. */
export interface ActionOffer {
  readonly action: ActionId;
  /** done on the same visit, where two things are wrong */
  readonly also: ActionId | null;
  readonly partCost: number;
  readonly minutes: number;
  readonly labourCost: number;
  /** of the machine, while it waits for the part */
  readonly waitCost: number;
  /** part, labour and standstill */
  readonly cost: number;
  /** chance that nothing is left wrong */
  readonly cureProbability: number;
  /** chance of being called back: not cured, or the work did not hold */
  readonly callbackProbability: number;
  readonly expectedCost: number;
}

/** What it comes to for one work and each set of faults; worked out once, since beliefs change with every key and costs do not. */
interface Priced {
  readonly costs: ActionCosts;
  readonly given: Map<readonly Suspect[], { readonly total: number; readonly isCured: boolean }>;
}
interface Rows {
  readonly singles: readonly Priced[];
  /** two works at once, by the faults that ask for them */
  readonly pairs: Map<readonly Suspect[], Priced | null>;
  /** what the right work costs once it is known what is wrong */
  readonly settled: Map<readonly Suspect[], number>;
}
const priced = new WeakMap<CostModel, Rows>();

const toPriced = (costs: ActionCosts): Priced => ({ costs, given: new Map() });

function rowsOf(model: CostModel): Rows {
  const rows = priced.get(model) ?? { singles: model.actions.map(toPriced), pairs: new Map(), settled: new Map() };
  priced.set(model, rows);
  return rows;
}

function priceOf({ costs, given }: Priced, faults: readonly Suspect[], model: CostModel): { total: number; isCured: boolean } {
  const known = given.get(faults);
  if (known) return known;
  const found = { total: costGiven(costs, faults, model), isCured: isCovered(costs, faults) };
  given.set(faults, found);
  return found;
}

/** Two faults at once: the cheapest work for each, on one visit. */
function pairFor(faults: readonly Suspect[], { singles, pairs }: Pick<Rows, "singles" | "pairs">): Priced | null {
  const known = pairs.get(faults);
  if (known !== undefined) return known;
  const cheapest = faults.map(
    (fault) =>
      singles
        .map(({ costs }) => costs)
        .filter((costs) => isCovered(costs, [fault]))
        .sort((x, y) => spentOn(x) - spentOn(y))[0],
  );
  const [first, second] = cheapest;
  const both = first && second && first.action !== second.action ? together(first, second) : null;
  // Where one work mends both for less, two are not weighed.
  const isBeaten = both === null || singles.some(({ costs }) => isCovered(costs, faults) && spentOn(costs) <= spentOn(both));
  const made = both && !isBeaten ? toPriced(both) : null;
  pairs.set(faults, made);
  return made;
}

/** Two works on one visit are weighed where each of two suspects stands above this. */
const WORTH_PAIRING = 0.25;
/** …and both being there is no mere chance. */
const LEAST_TOGETHER = 0.02;

/** Leaving it until a date is offered only while what may be wrong gets worse slowly. */
const MOST_OTHER = 0.15;
/** An action must mend something with at least this chance. */
const WORTH_OFFERING = 0.01;

/** Work that cures seldomer than this is never put first because it is cheap. */
const WORTH_FIRST = 0.1;
/** Leaving it as it is comes first only where nothing wrong is likely enough to be said to a customer. */
const WORTH_LEAVING = 0.3;
/** A part that was measured and holds is changed first only where the odds are for it all the same. */
const WORTH_CHANGING_SOUND = 0.5;
/** Another motor is put in for what only another motor mends: not for an insulation that may only be damp. */
const ANOTHER: readonly ActionId[] = ["replace-motor", "refer"];
const countsFirst = ({ costs }: Priced, faults: readonly Suspect[], { isDriedFirst }: CostModel): boolean =>
  !isDriedFirst || !ANOTHER.includes(costs.action) || !faults.includes("ground-fault");

function isLongShot(action: ActionId, cure: number, nothing: number, { changesSound }: CostModel): boolean {
  if (action === "no-repair") return nothing < WORTH_LEAVING;
  return action !== "keep-until" && cure - nothing < (changesSound.includes(action) ? WORTH_CHANGING_SOUND : WORTH_FIRST);
}

function isOffered(action: ActionId, cure: number, nothing: number, slow: number): boolean {
  if (action === "no-repair") return nothing >= WORTH_OFFERING;
  if (action === "keep-until") return slow > WORTH_OFFERING && 1 - nothing - slow <= MOST_OTHER;
  return cure - nothing >= WORTH_OFFERING;
}

/** Chance of nothing wrong, and of slow faults only. */
function sharesOf(hypotheses: readonly Hypothesis[]): { nothing: number; slow: number } {
  let nothing = 0;
  let slow = 0;
  for (const { faults, probability } of hypotheses) {
    if (faults.length === 0) nothing += probability;
    else if (faults.every((fault) => SLOW_FAULTS.includes(fault))) slow += probability;
  }
  return { nothing, slow };
}

/** Every work that may be weighed: the single ones, and two at once for pairs that are likely. */
function candidates(hypotheses: readonly Hypothesis[], rows: Rows): readonly Priced[] {
  const standing = marginalProbabilities(hypotheses);
  const isSuspected = (fault: Suspect): boolean => (standing.get(fault) ?? 0) > WORTH_PAIRING;
  const both = hypotheses
    .filter(({ faults, probability }) => faults.length > 1 && probability >= LEAST_TOGETHER && faults.every(isSuspected))
    .flatMap(({ faults }) => pairFor(faults, rows) ?? []);
  return both.length > 0 ? [...rows.singles, ...both] : rows.singles;
}

/** Chance that a work cures, that it cures what is not to be tried otherwise first, and what it costs in the end on average. */
function weigh(
  row: Priced,
  hypotheses: readonly Hypothesis[],
  model: CostModel,
): { cure: number; cureFirst: number; expectedCost: number } {
  let cure = 0;
  let cureFirst = 0;
  let expectedCost = 0;
  for (const { faults, probability } of hypotheses) {
    const { total, isCured } = priceOf(row, faults, model);
    expectedCost += probability * total;
    if (isCured) cure += probability;
    if (isCured && countsFirst(row, faults, model)) cureFirst += probability;
  }
  return { cure, cureFirst, expectedCost };
}

/**
 * The cheapest way on, for when only that is asked: what rankActions puts first.
 * @param hypotheses sets of faults with their probabilities
 * @param model what every action costs here
 * @returns the action with its cost
 */
export function cheapestAction(
  hypotheses: readonly Hypothesis[],
  model: CostModel,
): Pick<ActionOffer, "action" | "also" | "expectedCost" | "cureProbability"> {
  const { nothing, slow } = sharesOf(hypotheses);
  type Best = Pick<ActionOffer, "action" | "also" | "expectedCost" | "cureProbability"> & { readonly isLong: boolean };
  let best: Best | null = null;
  for (const row of candidates(hypotheses, rowsOf(model))) {
    const { cure, cureFirst, expectedCost } = weigh(row, hypotheses, model);
    const { action, also } = row.costs;
    const isLong = isLongShot(action, cureFirst, nothing, model);
    const isBetter = best === null || (isLong === best.isLong ? expectedCost < best.expectedCost : best.isLong);
    if (isBetter && isOffered(action, cure, nothing, slow)) best = { action, also, expectedCost, cureProbability: cure, isLong };
  }
  return best ?? { action: "no-repair", also: null, expectedCost: 0, cureProbability: 0 };
}

/**
 * What the right work costs in all once it is known what is wrong.
 * @param faults parts at fault together; empty: none
 * @param model what every action costs here
 * @returns cost in the house's money
 */
export function settledCost(faults: readonly Suspect[], model: CostModel): number {
  const rows = rowsOf(model);
  const known = rows.settled.get(faults);
  if (known !== undefined) return known;
  const pair = faults.length > 1 ? pairFor(faults, rows) : null;
  const totals = [...rows.singles, ...(pair ? [pair] : [])].map((row) => priceOf(row, faults, model).total);
  const least = Math.min(...totals);
  rows.settled.set(faults, least);
  return least;
}

/**
 * Actions by expected total cost: the work, coming back where it does not cure, the right work then, and the later failure
 * of the motor over the horizon. Two faults have a work of their own where no single one mends both for less: both on one visit.
 * @param hypotheses sets of faults with their probabilities
 * @param model what every action costs here
 * @returns cheapest expected cost first; what mends nothing likely is left out
 * @source Raiffa & Schlaifer, Applied Statistical Decision Theory, 1.3 (expected value of terminal action)
 */
export function rankActions(hypotheses: readonly Hypothesis[], model: CostModel): ActionOffer[] {
  const { nothing, slow } = sharesOf(hypotheses);
  return candidates(hypotheses, rowsOf(model))
    .map((row): { offer: ActionOffer; isLong: boolean } => {
      const { action, also, partCost, minutes, labourCost, waitCost } = row.costs;
      const { cure, cureFirst, expectedCost } = weigh(row, hypotheses, model);
      const callback = 1 - nothing - (cure - nothing) * row.costs.holds;
      const offer = {
        action,
        also,
        partCost,
        minutes,
        labourCost,
        waitCost,
        cost: spentOn(row.costs),
        cureProbability: cure,
        callbackProbability: Math.min(1, Math.max(0, callback)),
        expectedCost,
      };
      return { offer, isLong: isLongShot(action, cureFirst, nothing, model) };
    })
    .filter(({ offer: { action, cureProbability } }) => isOffered(action, cureProbability, nothing, slow))
    .sort((a, b) => Number(a.isLong) - Number(b.isLong) || a.offer.expectedCost - b.offer.expectedCost)
    .map(({ offer }) => offer);
}

/** What cures less often than this is no way on, however little it costs. Judgement. */
const LEAST_CURE = 0.02;

/**
 * Ways on that may be right: the one that is proposed, and others that may cure.
 * @param offers the best first
 * @returns the same without those that as good as never cure
 */
export const waysOn = (offers: readonly ActionOffer[]): readonly ActionOffer[] =>
  offers.filter(({ cureProbability }, index) => index === 0 || cureProbability >= LEAST_CURE);
