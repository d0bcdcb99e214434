import { STATION_IDS, type StationId } from "@/core/stations";
import { viewOf } from "./registry";

/** A station that makes sense with no card open. */
export interface BenchStation {
  readonly id: StationId;
  readonly letter: string;
  readonly question: string;
  readonly isFirst?: true;
}

/** Every station of the bench: the one it opens with, then in working order; it is named so by its own view. */
export const BENCH_STATIONS: readonly BenchStation[] = STATION_IDS.flatMap((id) => {
  const { bench } = viewOf(id);
  return bench ? [{ id, ...bench }] : [];
}).sort((a, b) => Number(b.isFirst ?? false) - Number(a.isFirst ?? false));

/** Station behind the second key after b; null when there is none. */
export const benchStationOf = (letter: string): StationId | null => BENCH_STATIONS.find((each) => each.letter === letter)?.id ?? null;
