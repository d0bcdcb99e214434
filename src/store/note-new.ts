import { PRESENT_VERSIONS } from "@/records";
import type { Change } from "./change";
import { note, type Note } from "./journal";
import type { VemmickDatabase } from "./vemmick-database";

/** A row that is about to be put there whole, noted like a key. */
export const noteNew = (db: VemmickDatabase, kind: Change["kind"], row: { readonly id: string }): Note | null =>
  note(db, {
    kind,
    key: row.id,
    row: { ...row },
    fields: Object.keys(row).map((field) => [field]),
    version: PRESENT_VERSIONS[kind === "bench" ? "station" : kind],
    isNew: true,
  });
