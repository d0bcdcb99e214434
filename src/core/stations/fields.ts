import * as v from "valibot";

/** Free notes: kept as typed, shown as text only. */
export const NoteSchema = v.pipe(v.string(), v.maxLength(2000));
/** A short text copied from a plate or label. */
export const PrintedSchema = v.pipe(v.string(), v.maxLength(200));
/** A moment, ISO 8601. */
export const MomentSchema = v.pipe(v.string(), v.isoTimestamp());

/** A plain positive number as keyed, with point or comma and perhaps a unit behind it; null when it is not one. */
export function readPositive(text: string): number | null {
  const match = /^\s*(\d+(?:[.,]\d+)?)\s*[a-zµΩ°%]*\s*$/iu.exec(text);
  const value = match ? Number((match[1] ?? "").replace(",", ".")) : NaN;
  return value > 0 ? value : null;
}

/** A photo is scaled down before it is kept, as a data address of at most so many characters. */
export const MOST_PHOTO_CHARACTERS = 400_000;
export const photoSchema = (mostCharacters: number) =>
  v.pipe(v.string(), v.maxLength(mostCharacters), v.regex(/^data:image\/(jpeg|png);base64,[A-Za-z0-9+/=]+$/));
