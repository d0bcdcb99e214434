import type { AskedRemoval } from "@/records/team/held";

/** A document as this device keeps it, with what is known of it beside. Persisted. */
export interface DocumentRow {
  /** `type/id` of the record it is of */
  readonly id: string;
  readonly bytes: Uint8Array;
  /** its present state */
  readonly heads: readonly string[];
  /** names of the photos that its records have */
  readonly photos: readonly string[];
  /** the state that others know of: what was changed after it is still to be written */
  readonly sent: readonly string[];
  readonly unsent: 0 | 1;
  readonly branch: readonly string[] | null;
  /** registers that are disagreed about, and whether there are any */
  readonly disagreed: readonly string[];
  readonly open: 0 | 1;
  readonly left: readonly string[];
  readonly asked: AskedRemoval | null;
  /** its removal waits for an answer */
  readonly waits: 0 | 1;
  /** when its record was taken away, ISO 8601; "" while it is there */
  readonly gone: string;
  /** what a person knows it by, and of a card the moment it was begun */
  readonly what: string;
  readonly begunAt: string;
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
export const NO_COUNTS: MergeCounts = { newCards: 0, changedCards: 0, goneCards: 0, others: 0, conflicts: 0 };

/** A merge of what another device has changed, with the way back. Persisted. */
export interface Merge {
  readonly id: string;
  readonly at: string;
  /** device whose changes they were */
  readonly from: { readonly id: string; readonly name: string };
  readonly counts: MergeCounts;
}

/** A document that a merge changed: its state before and after. */
export interface MergedDocument {
  readonly id: string;
  readonly before: readonly string[];
  readonly after: readonly string[];
}

/** Some of the documents of a merge; a long one is kept in many rows. Persisted. */
export interface MergedRow {
  /** `id of the merge/number` */
  readonly id: string;
  readonly merge: string;
  readonly documents: readonly MergedDocument[];
}

/** A segment that this device has written or read. Persisted. */
export interface SegmentRow {
  readonly file: string;
  readonly device: string;
  readonly isOwn: 0 | 1;
  readonly bytes: number;
  readonly of: readonly string[];
  /** of its own: documents that are in it */
  readonly documents: readonly string[];
}

/** A document something of which was changed, by whatever wrote it. Persisted. */
export interface Mark {
  readonly id: string;
}
