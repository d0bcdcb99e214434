import type { TeamName } from "@/records/team/segment";
import type { VemmickDatabase } from "../vemmick-database";
import { NO_COUNTS, type MergeCounts, type MergedDocument } from "./document-row";

const added = (a: MergeCounts, b: Partial<MergeCounts>): MergeCounts => ({
  newCards: a.newCards + (b.newCards ?? 0),
  changedCards: a.changedCards + (b.changedCards ?? 0),
  goneCards: a.goneCards + (b.goneCards ?? 0),
  others: a.others + (b.others ?? 0),
  conflicts: a.conflicts + (b.conflicts ?? 0),
});

/** Keeps what a merge did, with the way back; it grows lot by lot. */
export function keeper(db: VemmickDatabase, from: TeamName) {
  const merge = { id: crypto.randomUUID(), at: new Date().toISOString(), from: { id: from.id, name: from.name } };
  let counts = NO_COUNTS;
  let rows = 0;
  return {
    id: merge.id,
    counts: () => counts,
    hasAny: () => rows > 0,
    count: (more: Partial<MergeCounts>): void => {
      counts = added(counts, more);
    },
    /** part of the transaction of a lot */
    keep: (documents: readonly MergedDocument[]): PromiseLike<unknown> => {
      rows += 1;
      return db.merges.put({ ...merge, counts }).then(() => db.merged.put({ id: `${merge.id}/${rows}`, merge: merge.id, documents }));
    },
  };
}
