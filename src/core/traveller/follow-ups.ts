import { dueOn, isStillDue, type DueKind } from "../due";
import { STATION_IDS, type StationId } from "../stations";
import type { StationAssessments, StationEntries } from "./entries";
import { decidedWorks } from "./renewal";

/** Something to be looked at again, with the station and the day. */
export interface FollowUp {
  readonly station: StationId;
  /** way of working at that station */
  readonly method: string | null;
  readonly kind: DueKind;
  /** `YYYY-MM-DD` */
  readonly on: string;
  /** somebody put it off: the day it was due on before, and why */
  readonly putOff?: { readonly from: string; readonly why: string };
}

/** A follow-up that is put off until a day, with the reason. */
export interface PutOffUntil {
  readonly kind: DueKind;
  readonly until: string;
  readonly why: string;
}

/** Way of working at the station behind a follow-up. */
const METHODS: Partial<Record<DueKind, string>> = { "oil-bearings": "upkeep", "listen-bearings": "upkeep" };

/** A follow-up on the day it was put off to, where that is later than it is due by itself. */
function moved(due: FollowUp, putOff: readonly PutOffUntil[]): FollowUp {
  const to = putOff.find(({ kind }) => kind === due.kind);
  return to !== undefined && to.until > due.on ? { ...due, on: to.until, putOff: { from: due.on, why: to.why } } : due;
}

/**
 * What a visit asks to be looked at again, without what its own work has taken the ground from.
 * @param entries what was keyed at each station
 * @param stations what each station made of it
 * @param visitDay day of the visit, `YYYY-MM-DD`
 * @param putOff what somebody put off: it moves back, never forward
 * @returns follow-ups in working order
 */
export function followUps(
  entries: StationEntries,
  stations: StationAssessments,
  visitDay: string,
  putOff: readonly PutOffUntil[] = [],
): readonly FollowUp[] {
  const works = decidedWorks(entries);
  return STATION_IDS.flatMap((station) =>
    (stations[station].due ?? [])
      .filter((due) => isStillDue(due, works))
      .map((due) => moved({ station, method: METHODS[due.kind] ?? null, kind: due.kind, on: dueOn(due, visitDay) }, putOff)),
  );
}
