import type { HouseFigures } from "../house";
import type { ActionId } from "../trade";
import { ACTION_TABLE } from "./actions";
import type { JobTerms } from "./cost-model";

/** One line of what a job costs. */
export interface CostLine {
  readonly of: "part" | "time" | "call-out";
  /** the work it belongs to; null: the visit */
  readonly action: ActionId | null;
  /** in the house's money */
  readonly amount: number;
  /** of a line of time [min]; null: of the others */
  readonly minutes: number | null;
  /** keyed on the job; otherwise the house's usual price */
  readonly isKeyed: boolean;
}

/** A work that was done, with what went in for it. */
export interface CostedWork {
  readonly action: ActionId;
  /** a part went in */
  readonly hasPart: boolean;
  /** what was paid for it, in the house's money; null: not noted */
  readonly paid: number | null;
}

/**
 * What a job costs, line by line: the parts that went in at what was paid for them, else at the house's price; the minutes of each
 * work at the house's hour; and the call-out, where the house has one. Travel is in the call-out, or is not counted.
 * @param works works that were done
 * @param house house rules in force
 * @param job the bearing job as it was put together; null: as the house does it
 * @returns lines, parts and time work by work
 */
export function jobCost(works: readonly CostedWork[], house: HouseFigures, job: JobTerms | null): readonly CostLine[] {
  const lines = works.flatMap(({ action, hasPart, paid }): CostLine[] => {
    const spec = ACTION_TABLE[action];
    const rule = spec.part ?? spec.partIfBought ?? null;
    const usual = action === "replace-bearings" && job ? job.partCost : rule === null ? 0 : house[rule];
    const minutes = action === "replace-bearings" && job ? job.minutes : house[spec.minutes];
    return [
      ...(hasPart ? [{ of: "part" as const, action, amount: paid ?? usual, minutes: null, isKeyed: paid !== null }] : []),
      { of: "time", action, amount: (minutes * house.hourlyRate) / 60, minutes, isKeyed: false },
    ];
  });
  const callOut: readonly CostLine[] =
    house.callOutPrice > 0 ? [{ of: "call-out", action: null, amount: house.callOutPrice, minutes: null, isKeyed: false }] : [];
  return [...lines, ...callOut];
}
