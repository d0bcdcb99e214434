import type { Loose } from "@/core/kept";
import { migrateRecord, recordTypeOf, type RecordTypeName } from "@/records";

/** One row of an older program as the present one would have written it. */
export const migrateRow = (name: RecordTypeName, row: Loose, from: number): Loose => migrateRecord(recordTypeOf(name), row, from);
