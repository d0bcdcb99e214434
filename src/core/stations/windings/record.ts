import { field, recordOf } from "../../fields";
import { MOST_PHOTO_CHARACTERS, photoSchema, PrintedSchema } from "../../station";
import * as v from "valibot";
import { textSchema } from "../../kept";
import { EntrySchema } from "../../quantity";
import { LEAD_MARKS } from "../../winding";

export const FEWEST_POSTS = 2;
export const MOST_POSTS = 12;

const share = v.pipe(v.number(), v.minValue(0), v.maxValue(1));
const post = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(MOST_POSTS));

/** Persisted: do not change without a migration. */
export const SHELL_FEELS = ["cool", "warm", "hot"] as const;

/** Name of a post nobody named yet: a number, which nobody takes for a mark. */
export const usualName = (index: number): string => String(index + 1);

/** Three leads as a triangle: where most boards start. */
const TRIANGLE = [
  { name: usualName(0), mark: null, x: 0.25, y: 0.26 },
  { name: usualName(1), mark: null, x: 0.75, y: 0.26 },
  { name: usualName(2), mark: null, x: 0.5, y: 0.76 },
];

const kept = recordOf({
  /** as the technician writes them, where they sit on the board as parts of its width and height; `mark`: the maker's, as a person says */
  posts: field.own(
    v.pipe(
      v.array(v.object({ name: textSchema("lead"), mark: v.nullable(v.picklist(LEAD_MARKS)), x: share, y: share })),
      v.minLength(FEWEST_POSTS),
      v.maxLength(MOST_POSTS),
    ),
    TRIANGLE,
  ),
  /** bare metal of the motor is measured as one more post, numbered after the last */
  hasFrame: field.flag(),
  /** readings by pair of posts; ohms, or microfarads where the capacitance range was used */
  pairs: field.own(v.pipe(v.array(v.object({ a: post, b: post, entry: EntrySchema })), v.maxLength(100)), []),
  /** test leads held together, measured once and subtracted from every reading */
  testLeads: field.reading("resistance"),
  photo: field.own(v.nullable(photoSchema(MOST_PHOTO_CHARACTERS)), null),
  compare: field.group({
    /** of the winding while it was measured */
    temperature: field.reading("temperature"),
    referenceOf: field.oneOf(["maker", "sister"]),
    referenceMain: field.plain("windingOhm"),
    referenceStart: field.plain("windingOhm"),
    /** between the speeds, from the highest down */
    referenceSections: field.own(v.pipe(v.array(PrintedSchema), v.maxLength(4)), []),
    referenceC: field.plain("windingTemperature"),
    /** same pair just after a run, and the air around it */
    hotPair: field.own(v.nullable(v.tuple([post, post])), null),
    hot: field.reading("resistance"),
    ambient: field.reading("temperature"),
  }),
  /** shell of the motor as felt while it was measured: a protector that opened on heat closes again */
  shell: field.oneOf(SHELL_FEELS),
  note: field.note(),
});
/** Everything keyed at the windings station. Field names are persisted: do not change without a migration. */
const WindingsRecordSchema = v.pipe(
  kept.schema,
  v.check(({ posts, hasFrame, pairs }) => {
    const last = posts.length - (hasFrame ? 0 : 1);
    return pairs.every(({ a, b }) => a !== b && a <= last && b <= last);
  }, "pairs must name two posts of the board"),
);
export type WindingsRecord = v.InferOutput<typeof WindingsRecordSchema>;
export type PostPair = readonly [number, number];

/** Whether a person named the post; letters in their order are what posts were called before anybody did. */
export const isNamedPost = (name: string, index: number): boolean =>
  name.trim() !== "" && name !== usualName(index) && name !== String.fromCharCode(65 + index);

export const windingsRecord = { ...kept, schema: WindingsRecordSchema };
export const BLANK_WINDINGS: WindingsRecord = kept.blank;

/** What was keyed between two posts, whichever way round; null when nothing was. */
export function entryAt(record: Pick<WindingsRecord, "pairs">, a: number, b: number): WindingsRecord["pairs"][number]["entry"] | null {
  return record.pairs.find((pair) => (pair.a === a && pair.b === b) || (pair.a === b && pair.b === a))?.entry ?? null;
}

/** Every pair of a board, the first post first; the frame comes last. */
export function pairsOf(record: Pick<WindingsRecord, "posts" | "hasFrame">): PostPair[] {
  const size = record.posts.length + (record.hasFrame ? 1 : 0);
  return Array.from({ length: size }, (_, a) => a).flatMap((a) =>
    Array.from({ length: size - a - 1 }, (_, step): PostPair => [a, a + 1 + step]),
  );
}
