import type { HouseFigures } from "@/core/house";
import { learn, offersOf, type DatedDeed, type Learnt, type Offer } from "@/core/learnt";
import { fail, ok, type Failure, type Result } from "@/core/result";
import { database } from "./database";
import { toStorageFailure } from "./storage-status";
import type { Summary } from "./summary";
import type { VemmickDatabase } from "./vemmick-database";

/** What the house has learnt, as a screen shows it, and the rules it would change. */
export interface HouseLearnt {
  readonly learnt: Omit<Learnt, "clear">;
  readonly offers: readonly Offer[];
  /** there are no cards of the house's own: those of the demo show what it looks like */
  readonly isDemo: boolean;
}

/** Rows are read so many at a time. */
const CHUNK = 1000;

async function readSummaries(db: VemmickDatabase, take: (row: Summary) => void): Promise<void> {
  for (let last = ""; ;) {
    const rows = await db.summaries.where(":id").above(last).limit(CHUNK).toArray();
    rows.forEach(take);
    const end = rows.at(-1);
    if (end === undefined || rows.length < CHUNK) return;
    last = end.id;
  }
}

/**
 * What the house's own cards tell; those of the demo alone where there is no other.
 * @param figures house rules in force
 * @param nowMs the present moment
 */
export async function houseLearnt(db: VemmickDatabase, figures: HouseFigures, nowMs: number): Promise<HouseLearnt> {
  const [own, demo]: [DatedDeed[], DatedDeed[]] = [[], []];
  await readSummaries(db, ({ id, createdAt, finishedAt, callbackOf, isDemo, line }) => {
    // One that came back before anything was decided on it counts for the card it came back from.
    const deed = line?.deed ?? null;
    if (deed === null && callbackOf === null) return;
    const empty = {
      works: [],
      maker: "",
      profile: { type: "unknown", machine: "other" },
      complaints: [],
      cause: null,
      minutes: null,
    } as const;
    (isDemo ? demo : own).push({ ...(deed ?? empty), id, createdAt, finishedAt, callbackOf });
  });
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
