import { SUSPECTS, type ActionId, type Suspect } from "../trade";
import { bearingJob, type BearingJob } from "../bearing";
import { NEEDS_GEAR } from "../diagnosis";
import { holdsHere, type HouseFigures } from "../house";
import type { KnownPrices } from "./facts";
import { isJudgedWork, RETURNS_OF } from "./judged-works";
import type { RepairSite } from "./site";
import { ACTION_TABLE, SLOW_FAULTS } from "./actions";

/** What is known of the life that is left; null: not known, then half a motor's life is taken. */
export interface Life {
  readonly motorAgeYears: number | null;
  readonly machineYearsLeft: number | null;
}
export const UNKNOWN_LIFE: Life = { motorAgeYears: null, machineYearsLeft: null };

/** What one action costs on one machine: now, and for each set of faults it may meet. */
export interface ActionCosts {
  readonly action: ActionId;
  /** done on the same visit, where two things are wrong */
  readonly also: ActionId | null;
  readonly partCost: number;
  readonly minutes: number;
  readonly labourCost: number;
  /** what the machine costs while it waits for the part */
  readonly waitCost: number;
  /** chance that it holds where it was the right work */
  readonly holds: number;
  /** what a later failure of the motor costs, once that it happens within the horizon is weighed */
  readonly renewalCost: number;
}

/** Price of money and time for every action that can be taken on this machine. */
export interface CostModel {
  readonly actions: readonly ActionCosts[];
  readonly callbackCost: number;
  /** cost of the cheapest work that mends a set of faults, once they are known */
  readonly followUp: (faults: readonly Suspect[]) => number;
  readonly harmOfWaiting: number;
  /** actions that change a part which was measured and holds */
  readonly changesSound: readonly ActionId[];
  /** what another motor costs here, where what was tried first does not bring this one back */
  readonly anotherCost: number;
  /** a low insulation is dried before another motor is put in for it */
  readonly isDriedFirst: boolean;
}

const isWelded = ({ machine }: RepairSite): boolean => machine === "hermetic-compressor";

/** Where an action makes no sense at all; without a row it does everywhere. */
const ONLY_AT: Partial<Record<ActionId, (site: RepairSite) => boolean>> = {
  // A welded shell is not opened here: no load to free in it, no bearing to reach; licensed trade stands for another motor.
  "replace-bearings": (site) => !isWelded(site),
  "replace-motor": (site) => !isWelded(site),
  "free-load": (site) => !isWelded(site),
  refer: isWelded,
  "service-start-switch": (site) => !isWelded(site),
  "replace-start-relay": (site) =>
    !isWelded(site) || (site.gear != null ? site.gear !== "none" : site.motorType === undefined || NEEDS_GEAR.includes(site.motorType)),
  reconnect: ({ isConnectionDoubted = false }) => isConnectionDoubted,
  "dry-out": (site) => !isWelded(site) && site.drying != null,
  // Once it is cool, or was waited for, waiting brings nothing more.
  "wait-and-retest": ({ isCool = false, hasWaited = false }) => !isCool && !hasWaited,
};

/** Actions weighed by cost here. */
const weighedOn = (site: RepairSite): readonly ActionId[] => WEIGHED.filter((action) => ONLY_AT[action]?.(site) ?? true);
const WEIGHED: readonly ActionId[] = [
  "replace-run-capacitor",
  "replace-start-capacitor",
  "service-start-switch",
  "replace-start-relay",
  "replace-bearings",
  "replace-motor",
  "free-load",
  "dry-out",
  "refer",
  "reconnect",
  "repair-wiring-or-supply",
  "repair-control",
  "wait-and-retest",
  "keep-until",
  "no-repair",
];

/** Actions that leave the old motor where it is renew nothing; these put a new one in. */
const RENEWS: readonly ActionId[] = ["replace-motor", "refer"];

/**
 * Chance that a motor with a mean life of `lifeYears` left fails within the horizon (constant hazard).
 * @param horizonYears years that are looked ahead
 * @param lifeYears mean life that is left [years]
 * @returns probability, 0..1
 * @source Barlow & Proschan, Mathematical Theory of Reliability, 2.2 (exponential law)
 * @example failureWithin(5, 10) = 0.393469
 */
export function failureWithin(horizonYears: number, lifeYears: number): number {
  return 1 - Math.exp(-horizonYears / lifeYears);
}

/** What was complained of goes on meanwhile: part of the callbacks come all the same. Trade judgement. */
const STILL_COMPLAINS = 0.6;
/** A motor that runs, with its worn parts renewed, has at least this part of a motor's life before it. Trade judgement. */
const LEAST_LEFT = 1 / 3;

/**
 * Whether the work mends a fault.
 * @param work one action, or two on the same visit
 * @param fault which fault; null: none
 * @returns true when it does
 */
export function mends({ action, also }: Pick<ActionCosts, "action" | "also">, fault: Suspect): boolean {
  return ACTION_TABLE[action].cures.includes(fault) || (also !== null && ACTION_TABLE[also].cures.includes(fault));
}

/**
 * Whether the work mends every fault of a set; work done on a sound motor leaves it sound.
 * @param work one action, or two on the same visit
 * @param faults parts at fault
 * @returns true when nothing is left
 */
export const isCovered = (work: Pick<ActionCosts, "action" | "also">, faults: readonly Suspect[]): boolean =>
  faults.every((fault) => mends(work, fault));

/**
 * Whether a way on is right for what is wrong: each of its works puts some of it right; where nothing is wrong, nothing is done.
 * @param work one work, or two on the same visit
 * @param faults what is wrong
 * @returns false where a work is for nothing
 */
export const isServed = ({ action, also }: Pick<ActionCosts, "action" | "also">, faults: readonly Suspect[]): boolean => {
  const works = also === null ? [action] : [action, also];
  return works.every((each) =>
    faults.length === 0 ? ACTION_TABLE[each].cures.length === 0 : faults.some((fault) => mends({ action: each, also: null }, fault)),
  );
};

/** What of a bearing job put together on the motor takes the place of the house's usual one. */
export type JobTerms = Pick<BearingJob, "partCost" | "minutes" | "holds"> & Partial<Pick<BearingJob, "isQuoted">>;

/** Bearings as the house usually does them: its school of one or both, good quality, no loose seat. */
const usualJob = (house: HouseFigures): JobTerms =>
  bearingJob({ both: house.bearingsBoth === "both", tier: "good", repairs: [], quotedPrice: null }, house);

/** Two works on one visit: both paid, the motor renewed if either renews it. */
export function together(first: ActionCosts, second: ActionCosts): ActionCosts {
  return {
    action: first.action,
    also: second.action,
    partCost: first.partCost + second.partCost,
    minutes: first.minutes + second.minutes,
    labourCost: first.labourCost + second.labourCost,
    // Both are waited for at once.
    waitCost: Math.max(first.waitCost, second.waitCost),
    holds: first.holds * second.holds,
    renewalCost: Math.min(first.renewalCost, second.renewalCost),
  };
}

/**
 * What a work costs now.
 * @param costs part, labour and standstill
 * @returns their sum, in the house's money
 */
export const spentOn = ({ partCost, labourCost, waitCost }: Pick<ActionCosts, "partCost" | "labourCost" | "waitCost">): number =>
  partCost + labourCost + waitCost;

/** Licensed trade: what stands in for work that is not done here. */
const referCost = (house: HouseFigures): number => house.licensedPrice + (house.noMinutes * house.hourlyRate) / 60;

/**
 * Years that are looked ahead: those of the house, or fewer where the machine is not wanted so long.
 * @param house house rules in force
 * @param life how long motor and machine still have
 * @returns years
 */
export const yearsAhead = (
  { horizonYears }: Pick<HouseFigures, "horizonYears">,
  { machineYearsLeft }: Pick<Life, "machineYearsLeft">,
): number => Math.min(horizonYears, machineYearsLeft ?? horizonYears);

/**
 * What every action costs on this machine at the house's prices: part and labour now, and the later failure of the motor
 * that stays or comes, over the house's horizon or the machine's remaining life, whichever is shorter.
 * @param house house rules in force
 * @param site what the work would be done on
 * @param life age of the motor and years left of the machine
 * @param job the bearing job as it was put together on this motor; null: as the house prices it
 * @param prices known on the job: they stand before the house's
 * @returns actions with their costs, singly and two on one visit
 */
export function costModel(
  house: HouseFigures,
  site: RepairSite,
  life: Life = UNKNOWN_LIFE,
  job: JobTerms | null = null,
  prices: KnownPrices = {},
): CostModel {
  const horizon = yearsAhead(house, life);
  const left = Math.max(LEAST_LEFT * house.motorLifeYears, house.motorLifeYears - (life.motorAgeYears ?? house.motorLifeYears / 2));
  const minutePrice = house.hourlyRate / 60;
  const actions = weighedOn(site).map((action): ActionCosts => {
    const spec = ACTION_TABLE[action];
    const own = action === "replace-bearings" ? (job ?? usualJob(house)) : null;
    const quoted = prices[action];
    const minutes = (own?.minutes ?? house[spec.minutes]) + (quoted?.minutes ?? 0);
    const renewed = RENEWS.includes(action) ? house.motorLifeYears : left;
    const renewalPrice = house.motorPrice + house.motorMinutes * minutePrice;
    return {
      action,
      also: null,
      partCost: quoted?.partCost ?? own?.partCost ?? (spec.part === null ? 0 : house[spec.part]),
      minutes,
      labourCost: minutes * minutePrice,
      waitCost: quoted?.waitCost ?? 0,
      holds:
        (action === "dry-out" ? site.drying : null) ??
        own?.holds ??
        (isJudgedWork(action) ? holdsHere(spec.holds, RETURNS_OF[action], house) : spec.holds),
      renewalCost: failureWithin(horizon, renewed) * renewalPrice,
    };
  });
  const changesSound = actions
    .map(({ action }) => action)
    .filter((action) => ACTION_TABLE[action].cures.length === 1 && ACTION_TABLE[action].cures.every((part) => site.sound?.includes(part)));
  // What follows a failed try is what can be done there: a welded shell is not replaced at the price of a motor.
  const anotherCost = isWelded(site) ? referCost(house) : house.motorPrice + house.motorMinutes * minutePrice;
  const another = isWelded(site) ? [] : [anotherCost];
  // What dries in most cases is another motor in the rest.
  const costOf = (costs: ActionCosts): number => spentOn(costs) + (costs.action === "dry-out" ? (1 - costs.holds) * anotherCost : 0);
  const cheapestFor = (fault: Suspect): number => {
    const mends = actions.filter(({ action }) => ACTION_TABLE[action].cures.includes(fault));
    return Math.min(...mends.map(costOf), ...(mends.length > 0 ? another : [referCost(house)]));
  };
  const byFault = new Map(SUSPECTS.map((fault) => [fault, cheapestFor(fault)]));
  const followUp = (faults: readonly Suspect[]): number => faults.reduce((sum, fault) => sum + (byFault.get(fault) ?? 0), 0);
  return {
    actions,
    callbackCost: house.callbackCost,
    followUp,
    harmOfWaiting: house.harmOfWaitingPercent / 100,
    changesSound,
    anotherCost,
    isDriedFirst: actions.some(({ action }) => action === "dry-out"),
  };
}

/**
 * What an action costs in all when these faults are there: the work, and where it does not mend them all, coming back and
 * the right work then. Leaving it until a date is a planned visit, not a callback, and the wait does its harm.
 * @param costs what the action costs
 * @param faults parts at fault together; empty: none
 * @param model what every action costs here
 * @returns cost in the house's money
 */
export function costGiven(costs: ActionCosts, faults: readonly Suspect[], model: CostModel): number {
  const { action } = costs;
  const spent = spentOn(costs);
  const later = costs.renewalCost;
  if (action === "keep-until" && faults.length > 0 && faults.every((fault) => SLOW_FAULTS.includes(fault)))
    return spent + later + STILL_COMPLAINS * model.callbackCost + (1 + model.harmOfWaiting) * model.followUp(faults);
  const left = faults.filter((fault) => !mends(costs, fault));
  if (left.length > 0) return spent + later + model.callbackCost + model.followUp(left);
  // Dried, it is measured again at once: nobody comes back for it, it is another motor then.
  const ifNot = action === "dry-out" ? model.anotherCost : model.callbackCost + spent;
  return spent + later + (faults.length > 0 ? (1 - costs.holds) * ifNot : 0);
}
