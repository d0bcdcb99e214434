import * as v from "valibot";
import { MomentSchema, textSchema } from "../kept";

/** Free notes: kept as typed, shown as text only. */
export const NoteSchema = textSchema("note");
/** A short text copied from a plate or label. */
export const PrintedSchema = textSchema("printed");

/** Most steps that are ticked off in one list. */
const MOST_TICKS = 60;
/** Steps ticked off, each with its moment. */
export const TicksSchema = v.pipe(v.record(v.pipe(v.string(), v.maxLength(60)), MomentSchema), v.maxEntries(MOST_TICKS));
/**
 * Several out of a closed list, each once.
 * @param options the closed list
 * @returns a schema of a list without more entries than there are options
 */
export const someOf = <const Options extends readonly (string | number)[]>(options: Options) =>
  v.pipe(v.array(v.picklist(options)), v.maxLength(options.length));
