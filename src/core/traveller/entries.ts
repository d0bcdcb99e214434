import type { Round } from "../job";
import type { Assessment } from "../station";
import type { StationData, StationDetail, StationId } from "../stations";

/** What is kept of one station of one traveller. */
export interface StationEntry<Data = unknown> {
  readonly data: Data;
  /** why it was skipped; null when it was not */
  readonly skippedReason: string | null;
  /** what was set aside before it was read anew, the oldest first */
  readonly earlier?: readonly Round<Data>[];
  /** when it was last changed, ISO 8601; absent: not known */
  readonly keyedAt?: string;
}
export type StationEntries = { readonly [Id in StationId]?: StationEntry<StationData<Id>> };
/** What each station makes of its record. */
export type StationAssessments = { readonly [Id in StationId]: Assessment<StationDetail<Id>> };
