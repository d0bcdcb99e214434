import { holdsHere, type HouseFigures } from "../house";
import { REPAIR_TABLE, type SeatRepair } from "./fits";

/** Quality of a bearing that is bought. Persisted: do not change without a migration. */
export const TIERS = ["plain", "good", "best"] as const;
export type Tier = (typeof TIERS)[number];

interface TierSpec {
  /** price over that of a good one, by house rule in percent; null: the price itself */
  readonly pricePercent: "bearingPlainPercent" | "bearingBestPercent" | null;
  /** chance that the work holds over the weeks in which a customer would call back */
  readonly holds: number;
  /** why: trade judgement, until a ledger says better */
  readonly why: string;
}

export const TIER_TABLE: Record<Tier, TierSpec> = {
  plain: {
    pricePercent: "bearingPlainPercent",
    holds: 0.87,
    why: "No-name rings and thin grease: about one in eight is noisy again within the season.",
  },
  good: { pricePercent: null, holds: 0.93, why: "What goes wrong is the fitting: a tilted ring, dirt, a seat that was not felt." },
  best: { pricePercent: "bearingBestPercent", holds: 0.95, why: "Better rings do not mend the fitting, which is most of what fails." },
};

/** The other bearing has run as long; left in, it brings part of the jobs back. Trade judgement. */
const ONE_ONLY_HOLDS = 0.92;
/** A stopgap on the seat gives way sooner or later. Trade judgement. */
const STOPGAP_HOLDS = 0.6;

/** Tools beyond the usual bag. */
export const JOB_TOOLS = ["puller", "press-tube", "circlip-pliers", "micrometer", "compound", "lathe"] as const;
export type JobTool = (typeof JOB_TOOLS)[number];

/** What cannot be undone once it is begun. */
export const JOB_LOSSES = ["bearing-spent", "seat-turned", "shaft-marked", "balance", "windings-at-risk"] as const;
export type JobLoss = (typeof JOB_LOSSES)[number];

export interface JobQuestion {
  readonly both: boolean;
  readonly tier: Tier;
  /** work on loose seats that goes with it */
  readonly repairs: readonly SeatRepair[];
  /** nothing turns on balls here: nothing is pulled off a shaft */
  readonly areSleeves?: boolean;
  /** price of one bearing as quoted; null: the house's */
  readonly quotedPrice: number | null;
}

/** The whole bearing job: what it costs, what it needs, and what it spends. */
export interface BearingJob {
  readonly both: boolean;
  /** its price was quoted, not taken from the house */
  readonly isQuoted: boolean;
  readonly partCost: number;
  readonly minutes: number;
  readonly labourCost: number;
  readonly cost: number;
  /** chance that the work holds where it was the right work */
  readonly holds: number;
  readonly tools: readonly JobTool[];
  readonly losses: readonly JobLoss[];
  /** another motor, fitted */
  readonly motorCost: number;
  /** the whole job over another motor fitted, 1 = the same */
  readonly overMotor: number;
}

/**
 * Costs a bearing job against another motor at the house's prices and minutes.
 * @param job which bearings, of what quality, with what repairs
 * @param house house rules in force
 * @returns parts, minutes, how well it holds, and what it is held against
 * @example both, good, nothing loose, at the default prices: 24 + 75 min at 60 an hour = 99
 */
export function bearingJob({ both, tier, repairs, quotedPrice, areSleeves = false }: JobQuestion, house: HouseFigures): BearingJob {
  const { pricePercent, holds } = TIER_TABLE[tier];
  const each = quotedPrice ?? (house.bearingsPrice / 2) * (pricePercent === null ? 1 : house[pricePercent] / 100);
  const partCost = each * (both ? 2 : 1);
  const minutes = (both ? house.bearingMinutes : house.bearingOneMinutes) + repairs.reduce((sum, id) => sum + REPAIR_TABLE[id].minutes, 0);
  const labourCost = (minutes * house.hourlyRate) / 60;
  const isStopgap = repairs.some((id) => REPAIR_TABLE[id].isStopgap);
  const turns = repairs.some((id) => id === "sleeve" || id === "build-up");
  const cost = partCost + labourCost;
  const motorCost = house.motorPrice + (house.motorMinutes * house.hourlyRate) / 60;
  return {
    both,
    isQuoted: quotedPrice !== null,
    partCost,
    minutes,
    labourCost,
    cost,
    holds: holdsHere(holds, "returnsBearings", house) * (both ? 1 : ONE_ONLY_HOLDS) * (isStopgap ? STOPGAP_HOLDS : 1),
    tools: [
      ...(areSleeves ? (["press-tube"] as const) : (["puller", "press-tube", "circlip-pliers"] as const)),
      ...(repairs.length > 0 ? (["micrometer"] as const) : []),
      ...(repairs.includes("retaining-compound") ? (["compound"] as const) : []),
      ...(turns ? (["lathe"] as const) : []),
    ],
    losses: [
      "bearing-spent",
      ...(areSleeves ? [] : (["windings-at-risk"] as const)),
      ...(turns ? (["seat-turned", "balance"] as const) : []),
      ...(repairs.includes("punch-marks") ? (["shaft-marked"] as const) : []),
    ],
    motorCost,
    overMotor: motorCost > 0 ? cost / motorCost : Infinity,
  };
}
