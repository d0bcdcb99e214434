import { STATIONS, type StationData } from "@/core/stations";
import type { MotorPart, Place, Step, Wire } from "@/core/stations/take-apart";
import type { DemoClock } from "./demo-traveller";

type Bearing = StationData<"bearing">;
type End = Bearing["ends"]["drive-end"];

const BLANK = STATIONS.bearing.blank;

/** Both bearings of a motor, each with what was keyed of it. */
export function bearings(driveEnd: Partial<End>, otherEnd: Partial<End>): Pick<Bearing, "ends"> {
  return { ends: { "drive-end": { ...BLANK.ends["drive-end"], ...driveEnd }, "other-end": { ...BLANK.ends["other-end"], ...otherEnd } } };
}

/** [part, count, place, which way round] */
type LedgerRow = readonly [part: MotorPart, count: number, place: Place | null, way?: string];

/** What came off, in order; the last `back` lines have gone back again. */
export function ledger(clock: DemoClock, minutes: number, rows: readonly LedgerRow[], back: number): Step[] {
  return rows.map(([part, count, place, way = ""], index) => ({
    id: `step-${index + 1}`,
    part,
    name: "",
    count,
    place,
    way,
    photo: null,
    backAt: index >= rows.length - back ? clock.at(minutes + rows.length - index) : null,
    countBack: index >= rows.length - back ? count : 0,
    isNew: false,
  }));
}

/** Wires by mark and post; those that are back carry the moment. */
export function wires(pairs: Readonly<Record<string, string>>, backAt: string | null): Wire[] {
  return Object.entries(pairs).map(([mark, post]) => ({ mark, post, backAt }));
}

/** Everything seen to, at one moment. */
export const seenTo = (at: string, ...traps: readonly string[]): Record<string, string> =>
  Object.fromEntries(traps.map((trap) => [trap, at]));
