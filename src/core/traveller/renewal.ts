import { STATION_IDS, stationOf, type StationData, type StationId } from "../stations";
import type { ActionId } from "../trade";
import type { StationEntries } from "./entries";

/** Stations whose figures are of a part that was replaced or work that was done: they are taken anew. */
const RENEWED_BY: Partial<Record<ActionId, readonly StationId[]>> = {
  "replace-run-capacitor": ["capacitor"],
  "replace-start-capacitor": ["capacitor"],
  "service-start-switch": ["start-gear"],
  "replace-start-relay": ["start-gear"],
  "replace-bearings": ["hand-turn"],
  "replace-motor": ["capacitor", "windings", "frame", "insulation", "start-gear", "hand-turn"],
  "repair-wiring-or-supply": ["supply"],
  "repair-control": ["supply"],
  "free-load": ["hand-turn", "uncoupled-run"],
};
/** The repair came after every run: none of them speaks of the motor as it is now. */
const ALWAYS_RENEWED: readonly StationId[] = ["run-test", "uncoupled-run", "take-apart", "prove"];
/** What a fresh record keeps, since the part's place did not change. */
const KEEPS: { readonly [Id in StationId]?: readonly (keyof StationData<Id>)[] } = { capacitor: ["label"], "start-gear": ["sort"] };

/**
 * The works that were decided on a card.
 * @param entries what was keyed at each station
 * @returns none, one, or two on the same visit
 */
export function decidedWorks({ decide }: StationEntries): readonly ActionId[] {
  return [decide?.data.action ?? null, decide?.data.also ?? null].filter((action) => action !== null);
}

/**
 * Stations that start anew when a card comes back after a repair: what was replaced, what was worked on, and every run.
 * @param entries what was keyed at each station
 * @returns stations with a record, in working order; the decision is not one of them
 */
export function renewedStations(entries: StationEntries): readonly StationId[] {
  const renewed = new Set([...decidedWorks(entries).flatMap((action) => RENEWED_BY[action] ?? []), ...ALWAYS_RENEWED]);
  return STATION_IDS.filter((id) => renewed.has(id) && entries[id] !== undefined);
}

/**
 * The record a renewed station starts with.
 * @param station which station
 * @param before what stood there before the card came back
 * @param note what is said of it, kept as the station's note
 * @returns the blank record with what outlasts the repair
 */
export function freshRecord(station: StationId, before: unknown, note: string): object {
  const kept = Object.fromEntries((KEEPS[station] ?? []).map((field) => [field, (before as Record<string, unknown>)[field]]));
  return { ...(stationOf(station).blank as object), ...kept, note };
}
