import {
  beginRound,
  changeInTime,
  doneIn,
  workBetween,
  type DoneWork,
  type EndId,
  type Round,
  type TimedRow,
  type TimedStation,
} from "@/core/job";
import type { Loose } from "@/core/kept";
import type { StationData, StationId } from "@/core/stations";
import type { StationEntry } from "@/core/traveller";
import { blankStationRow, stationRecordId, type StationRecord, type Traveller, type TravellerId } from "@/records";
import { changeRow, remember } from "./change-row";
import { rowInHand } from "./in-hand";

/** Changes what was keyed at a station; kept at once. */
export async function updateStation<Id extends StationId>(
  travellerId: TravellerId,
  stationId: Id,
  change: (data: StationData<Id>, at: string) => StationData<Id>,
): Promise<boolean> {
  // A row is held against its station's schema when it is read and when it is written.
  return changeRow("station", stationRecordId(travellerId, stationId), (row, at) => ({
    ...row,
    data: change(row.data as StationData<Id>, at),
  }));
}

/** Works that were noted on a card, as this tab last saw or changed them. */
function worksOf(travellerId: TravellerId): readonly DoneWork[] {
  const data = stationRowInHand(travellerId, "out-in")?.data;
  return data === undefined ? [] : doneIn(data as StationData<"out-in">);
}

const timedRow = (row: Loose): TimedRow => ({
  data: row.data,
  earlier: Array.isArray(row.earlier) ? (row.earlier as readonly Round[]) : [],
  updatedAt: String(row.updatedAt),
});

/** A capacitor that was put in is known by the label it came with. */
function withNewLabel(
  travellerId: TravellerId,
  stationId: StationId,
  before: TimedRow,
  made: Pick<TimedRow, "data" | "earlier">,
): typeof made {
  const isBegun = stationId === "capacitor" && made.earlier.length > before.earlier.length && made.earlier.at(-1)?.why === "work";
  const record = made.data as StationData<"capacitor">;
  if (!isBegun || record.label.trim() !== "") return made;
  const { works } = (stationRowInHand(travellerId, "out-in")?.data ?? { works: {} }) as Pick<StationData<"out-in">, "works">;
  const pieces = [works["replace-run-capacitor"], works["replace-start-capacitor"]].flatMap((work) => (work?.fittedAt ? work.pieces : []));
  return { ...made, data: { ...record, label: pieces[0]?.label ?? "" } };
}

/**
 * The same in its time: what is read after a work stands beside what was found, and what takes a figure's place leaves it on the
 * card.
 */
export async function updateInTime<Id extends StationId>(
  travellerId: TravellerId,
  stationId: Id,
  station: TimedStation,
  change: (data: StationData<Id>, at: string) => StationData<Id>,
): Promise<boolean> {
  return changeRow("station", stationRecordId(travellerId, stationId), (row, at) => {
    const before = timedRow(row);
    const made = changeInTime(station, before, change as (data: unknown, at: string) => unknown, worksOf(travellerId), at);
    return { ...row, ...withNewLabel(travellerId, stationId, before, made) };
  });
}

/** Reads a station once more: what stands there is set aside, and stays. */
export async function readAgain(travellerId: TravellerId, stationId: StationId, station: TimedStation): Promise<boolean> {
  return changeRow("station", stationRecordId(travellerId, stationId), (row, at) => {
    const works = worksOf(travellerId);
    const before = timedRow(row);
    const why = workBetween(station, before, works) === null ? "repeat" : "work";
    return { ...row, ...withNewLabel(travellerId, stationId, before, beginRound(station, before, why, works, at)) };
  });
}

/** What is kept of a station as this tab last saw or changed it. */
export const stationRowInHand = (travellerId: TravellerId, stationId: StationId): StationRecord | undefined =>
  rowInHand("station", stationRecordId(travellerId, stationId)) as StationRecord | undefined;

/** What is keyed at a station as this tab last saw or changed it. */
export function entryInHand<Id extends StationId>(travellerId: TravellerId, stationId: Id): StationEntry<StationData<Id>> | undefined {
  const row = stationRowInHand(travellerId, stationId);
  return (
    row && {
      data: row.data as StationData<Id>,
      skippedReason: row.skippedReason,
      earlier: row.earlier as StationEntry<StationData<Id>>["earlier"],
    }
  );
}

/** Tells how the row of a station begins at which nothing was keyed, so that the first key is made in its own turn. */
export function beginStation(travellerId: TravellerId, stationId: StationId, blank: unknown): void {
  if (stationRowInHand(travellerId, stationId) === undefined)
    remember("station", stationRecordId(travellerId, stationId), blankStationRow(travellerId, stationId, blank));
}

/** Notes how a card ends, where nobody has chosen it yet. */
export const endWith = (travellerId: TravellerId, end: EndId): Promise<boolean> =>
  updateStation(travellerId, "end", (kept, at) =>
    kept.end === null ? { ...kept, end, endedAt: at } : { ...kept, endedAt: kept.endedAt ?? at },
  );

/** Marks a station as skipped with a reason, or takes the mark away (null). */
export async function skipStation(travellerId: TravellerId, stationId: StationId, reason: string | null): Promise<boolean> {
  return changeRow("station", stationRecordId(travellerId, stationId), (row) => ({ ...row, skippedReason: reason }));
}

/** Names of machine and site, technician, signing off. */
export async function updateTraveller(
  id: TravellerId,
  change: Partial<Pick<Traveller, "machine" | "site" | "technician" | "finishedAt">>,
): Promise<boolean> {
  return changeRow("traveller", id, (row) => ({ ...row, ...change }));
}
