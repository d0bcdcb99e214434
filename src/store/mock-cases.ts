"use client";
import { codeOfCase, mockCase, type DoneAct, type MockAct, type MockResult, type MockSpec } from "@/core/mock";
import { opening } from "@/core/simulation";
import { PRESENT_VERSIONS, stationRecordId, UNSET_HOUSE, type RecordVersions, type StationRecord, type TravellerId } from "@/records";
import { database } from "./database";
import { useLive, type Live } from "./live";
import { newTraveller } from "./new-traveller";
import { attempt } from "./storage-status";
import { putTravellers, VemmickDatabase, VERSIONS_KEY, writing } from "./vemmick-database";

/** Rows of a case's card as they stood after an act: those that had changed. */
interface MockSnapshot {
  /** acts that were done by then */
  readonly acts: number;
  readonly rows: readonly StationRecord[];
}

/** A case of the Mock bench beside its card: what was done at the motor. Among the settings of its own database. */
export interface MockState {
  readonly spec: MockSpec;
  /** who made it and what they tell of it; empty: the bench itself */
  readonly story: string;
  readonly acts: readonly DoneAct[];
  readonly snapshots: readonly MockSnapshot[];
  /** it is over, and what is hidden may be seen; ISO 8601 */
  readonly openedAt: string | null;
}

const stateKey = (id: TravellerId): string => `mock/${id}`;
const RESULTS = "mockResults";

/** A case as it stands, live. */
export const useMockState = (id: TravellerId): Live<MockState> =>
  useLive(async () => ((await database().settings.get(stateKey(id)))?.value ?? null) as MockState | null, [id]);

/** Rules of the house hold on the Mock bench too: a copy of them. */
async function houseRules() {
  const own = new VemmickDatabase();
  try {
    const stamp = (await own.settings.get(VERSIONS_KEY))?.value as Partial<RecordVersions> | undefined;
    // Rules of another version are brought up to date where they are kept, and not here.
    const kept = stamp?.house === PRESENT_VERSIONS.house ? await own.house.get("house") : undefined;
    return kept ?? UNSET_HOUSE;
  } catch {
    return UNSET_HOUSE;
  } finally {
    own.close();
  }
}

/**
 * Begins a case: its card with complaint and plate, in a place of its own.
 * @returns its card; null: it could not be kept
 */
export async function beginCase(spec: MockSpec, story = ""): Promise<TravellerId | null> {
  const db = database();
  const hidden = mockCase(spec);
  const at = new Date().toISOString();
  const { complaint, plate } = opening(hidden);
  const turn = await db.travellers.count();
  const card = newTraveller(at, { machine: `Case ${codeOfCase(spec)}`, site: `Mock bench ${turn + 1}`, technician: "" });
  const rows = (
    [
      ["complaint", { ...complaint, said: story || complaint.said }],
      ["plate", plate],
    ] as const
  ).map(
    ([stationId, data]) =>
      ({
        id: stationRecordId(card.id, stationId),
        travellerId: card.id,
        stationId,
        skippedReason: null,
        earlier: [],
        updatedAt: at,
        data,
      }) as StationRecord,
  );
  const state: MockState = { spec, story, acts: [], snapshots: [], openedAt: null };
  const house = await houseRules();
  const isKept = await attempt(() =>
    writing(db, async () => {
      await putTravellers(db, [card]);
      await db.stations.bulkAdd(rows);
      await db.house.put(house);
      await db.settings.put({ key: stateKey(card.id), value: state });
    }),
  );
  return isKept ? card.id : null;
}

const latestOf = (snapshots: readonly MockSnapshot[]): ReadonlyMap<string, string> =>
  new Map(snapshots.flatMap(({ rows }) => rows.map(({ id, updatedAt }) => [id, updatedAt] as const)));

/** Notes what was done at the motor, and how the card stood just before. */
export async function doAct(id: TravellerId, act: MockAct): Promise<boolean> {
  const db = database();
  return attempt(() =>
    db.transaction("rw", [db.settings, db.stations], async () => {
      const state = (await db.settings.get(stateKey(id)))?.value as MockState | undefined;
      if (!state) return;
      const known = latestOf(state.snapshots);
      const rows = (await db.stations.where("travellerId").equals(id).toArray()).filter(
        ({ id: row, updatedAt }) => known.get(row) !== updatedAt,
      );
      const snapshots = rows.length > 0 ? [...state.snapshots, { acts: state.acts.length, rows }] : state.snapshots;
      const acts = [...state.acts, { act, at: new Date().toISOString() }];
      await db.settings.put({ key: stateKey(id), value: { ...state, acts, snapshots } satisfies MockState });
    }),
  );
}

/** Opens what is hidden: the case is over. Its result is kept once. */
export async function openCase(id: TravellerId, result: MockResult): Promise<boolean> {
  const db = database();
  return attempt(() =>
    db.transaction("rw", db.settings, async () => {
      const state = (await db.settings.get(stateKey(id)))?.value as MockState | undefined;
      if (!state || state.openedAt !== null) return;
      await db.settings.put({ key: stateKey(id), value: { ...state, openedAt: result.at } satisfies MockState });
      const before = ((await db.settings.get(RESULTS))?.value ?? []) as readonly MockResult[];
      await db.settings.put({ key: RESULTS, value: [...before, result].slice(-MOST_RESULTS) });
    }),
  );
}
const MOST_RESULTS = 2000;

/** Cases that are over, the oldest first, live. */
export const useMockResults = (): Live<readonly MockResult[]> =>
  useLive(async () => ((await database().settings.get(RESULTS))?.value ?? []) as readonly MockResult[], []);

/** A case that was begun and is not over. */
export interface OpenCase {
  readonly id: TravellerId;
  readonly name: string;
  readonly at: string;
}

/** Cases that are not over, the latest first, live. */
export const useOpenCases = (): Live<readonly OpenCase[]> =>
  useLive(async () => {
    const db = database();
    const cards = await db.travellers.toArray();
    const states = await db.settings.bulkGet(cards.map(({ id }) => stateKey(id)));
    return cards
      .filter((_, index) => (states[index]?.value as MockState | undefined)?.openedAt === null)
      .map(({ id, machine, createdAt }) => ({ id, name: machine, at: createdAt }))
      .sort((a, b) => (a.at < b.at ? 1 : -1));
  }, []);
