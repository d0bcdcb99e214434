import * as v from "valibot";

/** A photo is scaled down before it is kept, as a data address of at most so many characters. */
export const MOST_PHOTO_CHARACTERS = 400_000;
/** A photo that lies in a table of its own: its name stands for it. */
const PHOTO_NAME = "photo:[A-Za-z0-9/_-]{1,200}";
const PICTURE = "data:image/(?:jpeg|png);base64,[A-Za-z0-9+/=]+";
/**
 * Schema of a photo as it is kept: a data address of a JPEG or PNG, or the name of one that lies apart.
 * @param mostCharacters longest data address that is kept
 * @returns the schema
 */
export const photoSchema = (mostCharacters: number) =>
  v.pipe(v.string(), v.maxLength(mostCharacters), v.regex(new RegExp(`^(?:${PICTURE}|${PHOTO_NAME})$`)));
