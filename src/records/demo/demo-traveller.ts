import type { EndId } from "@/core/job";
import { DEFAULT_METER } from "@/core/house";
import { takeReading, type Entry, type Quantity } from "@/core/quantity";
import { STATION_IDS, STATIONS, type StationData, type StationId } from "@/core/stations";
import { stationRecordId } from "../station-id";
import type { StationRecord } from "../station-record";
import type { Traveller, TravellerId } from "../traveller";

const MINUTE_MS = 60_000;

/** Moments of one demo visit, counted in minutes from its start, and readings taken at them. */
export interface DemoClock {
  readonly at: (minutes: number) => string;
  readonly read: (text: string, quantity: Quantity, minutes: number) => Entry;
}

export type DemoStations = { readonly [Id in StationId]?: Partial<StationData<Id>> };

export interface DemoStory {
  readonly id: string;
  readonly machine: string;
  readonly site: string;
  readonly technician: string;
  readonly daysAgo: number;
  readonly hourUtc: number;
  /** minutes after the start at which it was signed off; null while it is on the rack */
  readonly finishedAfter: number | null;
  /** how it ended, where it was signed off */
  readonly end?: EndId;
  /** the story it came back from */
  readonly callbackOf?: string;
  readonly skipped?: Partial<Record<StationId, string>>;
  readonly stations: (clock: DemoClock) => DemoStations;
}

export interface DemoRecords {
  readonly travellers: Traveller[];
  readonly stations: StationRecord[];
}

function clockOf(start: number): DemoClock {
  const at = (minutes: number): string => new Date(start + minutes * MINUTE_MS).toISOString();
  return { at, read: (text, quantity, minutes) => takeReading(text, quantity, DEFAULT_METER, at(minutes)).entry };
}

/** Turns one story into the records it would have left behind. */
export function toDemoRecords(story: DemoStory, now: Date): DemoRecords {
  const day = new Date(now);
  day.setUTCDate(day.getUTCDate() - story.daysAgo);
  day.setUTCHours(story.hourUtc, 0, 0, 0);
  // A visit of today must not lie in the future.
  const start = Math.min(day.getTime(), now.getTime() - 120 * MINUTE_MS);
  const clock = clockOf(start);
  const { end = null, finishedAfter } = story;
  const ended = end === null || finishedAfter === null ? {} : { end: { end, endedAt: clock.at(finishedAfter) } };
  const keyed: DemoStations = { ...ended, ...story.stations(clock) };
  const id = `demo-${story.id}` as TravellerId;
  const updatedAt = clock.at(story.finishedAfter ?? 45);
  const traveller: Traveller = {
    id,
    machine: story.machine,
    site: story.site,
    technician: story.technician,
    createdAt: clock.at(0),
    updatedAt,
    finishedAt: story.finishedAfter === null ? null : clock.at(story.finishedAfter),
    callbackOf: story.callbackOf === undefined ? null : (`demo-${story.callbackOf}` as TravellerId),
    cameBackAt: [],
    motor: null,
    putOff: [],
    isDemo: true,
  };
  const stations = STATION_IDS.filter((stationId) => keyed[stationId] !== undefined || story.skipped?.[stationId] !== undefined).map(
    (stationId) =>
      ({
        id: stationRecordId(id, stationId),
        travellerId: id,
        stationId,
        skippedReason: story.skipped?.[stationId] ?? null,
        updatedAt,
        earlier: [],
        data: { ...(STATIONS[stationId].blank as object), ...keyed[stationId] },
      }) as StationRecord,
  );
  return { travellers: [traveller], stations };
}
