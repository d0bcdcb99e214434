import type { StationData, StationId } from "@/core/stations";

/** Key in the settings of what lies on the bench. */
export const BENCH_KEYS = "bench/";
export const benchKey = (station: StationId): string => `${BENCH_KEYS}${station}`;

/** A quick check as it lies among the settings. */
export interface Draft {
  readonly key: string;
  readonly value: StationData<StationId>;
  readonly version: number;
}
