import type { DatedRow, KnownVersion, RecordTypeName } from "@/records";

/** One record of a merge: how it stood before, and the version it has since. */
export interface MergedRecord {
  readonly name: RecordTypeName;
  readonly id: string;
  /** with its photos; null: it was not here */
  readonly before: DatedRow | null;
  /** what was known of it before; null: nothing */
  readonly knownBefore: KnownVersion | null;
  readonly after: KnownVersion;
  /** only what is known of it has changed */
  readonly isKnownOnly: boolean;
}

/** A merge of another device's file, with the way back. Persisted. */
export interface Merge {
  readonly id: string;
  readonly at: string;
  /** device whose file it was */
  readonly from: { readonly id: string; readonly name: string };
  /** cards that came, cards that were changed, other records, by what is told of them */
  readonly counts: MergeCounts;
  readonly records: readonly MergedRecord[];
}

/** What a merge does, in numbers. */
export interface MergeCounts {
  readonly newCards: number;
  readonly changedCards: number;
  readonly goneCards: number;
  readonly others: number;
  /** both sides have changed them */
  readonly conflicts: number;
}
