import type { HouseFigures } from "@/core/house";
import { learn, offersOf, type DatedDeed, type Learnt, type Offer } from "@/core/learnt";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { database } from "./database";
import { toStorageFailure } from "./storage-status";
import type { VemmickDatabase } from "./vemmick-database";

/** What the house has learnt, as a screen shows it, and the rules it would change. */
export interface HouseLearnt {
  readonly learnt: Omit<Learnt, "clear">;
  readonly offers: readonly Offer[];
  /** there are no cards of the house's own: those of the demo show what it looks like */
  readonly isDemo: boolean;
}

/**
 * What the house's own cards tell; those of the demo alone where there is no other.
 * @param figures house rules in force
 * @param nowMs the present moment
 */
export async function houseLearnt(db: VemmickDatabase, figures: HouseFigures, nowMs: number): Promise<HouseLearnt> {
  const [own, demo]: [DatedDeed[], DatedDeed[]] = [[], []];
  for (const { id, createdAt, finishedAt, callbackOf, isDemo, deed } of await db.deeds.toArray()) {
    // One that came back before anything was decided on it counts for the card it came back from.
    if (deed === null && callbackOf === null) continue;
    const empty = {
      works: [],
      maker: "",
      profile: { type: "unknown", machine: "other" },
      complaints: [],
      cause: null,
      minutes: null,
    } as const;
    (isDemo ? demo : own).push({ ...(deed ?? empty), id, createdAt, finishedAt, callbackOf });
  }
  const isDemo = own.length === 0;
  const learnt = learn(isDemo ? demo : own, nowMs, figures.callbackDays);
  const { clear, ...shown } = learnt;
  return { learnt: shown, offers: offersOf({ ...shown, clear }, figures), isDemo };
}

/** The same as a worker answers it. */
export function createLearntCalls() {
  return {
    learnt: async (figures: HouseFigures, nowMs: number): Promise<Result<HouseLearnt, Failure>> => {
      try {
        return ok(await houseLearnt(database(), figures, nowMs));
      } catch (error) {
        return fail(toStorageFailure(error));
      }
    },
  };
}
export type LearntCalls = ReturnType<typeof createLearntCalls>;
