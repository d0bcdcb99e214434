import * as v from "valibot";

/** Free notes: kept as typed, shown as text only. */
export const NoteSchema = v.pipe(v.string(), v.maxLength(2000));
/** A short text copied from a plate or label. */
export const PrintedSchema = v.pipe(v.string(), v.maxLength(200));
/** A moment, ISO 8601. */
export const MomentSchema = v.pipe(v.string(), v.isoTimestamp());
