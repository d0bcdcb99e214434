import { field, recordOf } from "../../fields";
import { HAND_FIELDS } from "../../bearing";
import { photoSchema } from "../../station";
import * as v from "valibot";

/** What comes off. Persisted: do not change without a migration. */
export const MOTOR_PARTS = [
  "cover",
  "screw",
  "nut",
  "washer",
  "spring-washer",
  "key",
  "set-screw",
  "retaining-ring",
  "spacer",
  "wheel",
  "pulley",
  "end-bell",
  "rotor",
  "bearing",
  "start-switch",
  "other",
] as const;
export type MotorPart = (typeof MOTOR_PARTS)[number];

/** Where it came from. Persisted: do not change without a migration. */
export const PLACES = ["drive-end", "other-end", "shaft", "housing", "mount"] as const;
export type Place = (typeof PLACES)[number];

/** A photo of one step is small: there may be many of them on a card. */
export const MOST_STEP_PHOTO_CHARACTERS = 120_000;
export const MOST_STEPS = 80;
export const MOST_WIRES = 24;

export const stepRecord = recordOf({
  id: field.own(v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes")), "-"),
  part: field.always(MOTOR_PARTS, "other"),
  /** what it is called, where the kind says too little */
  name: field.printed(),
  count: field.own(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(99)), 1),
  place: field.oneOf(PLACES),
  /** which way round it sat */
  way: field.printed(),
  photo: field.own(v.nullable(photoSchema(MOST_STEP_PHOTO_CHARACTERS)), null),
  /** when all of them were back */
  backAt: field.moment(),
  /** of so many, while some are missing */
  countBack: field.own(v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(99)), 0),
  /** a new one goes in its place */
  isNew: field.flag(),
});
export type Step = typeof stepRecord.blank;

export const wireRecord = recordOf({
  /** as marked or coloured */
  mark: field.printed(),
  /** where it belongs */
  post: field.printed(),
  backAt: field.moment(),
});
export type Wire = typeof wireRecord.blank;

/** Field names are persisted: do not change without a migration. */
export const takeApartRecord = recordOf({
  /** in the order they came off */
  steps: field.own(v.pipe(v.array(stepRecord.schema), v.maxLength(MOST_STEPS)), []),
  wires: field.own(v.pipe(v.array(wireRecord.schema), v.maxLength(MOST_WIRES)), []),
  /** traps seen to, and when */
  seenTo: field.ticks(),
  /** how it turns once it is closed, before power */
  after: field.group(HAND_FIELDS),
  closedAt: field.moment(),
  note: field.note(),
});
export type TakeApartRecord = typeof takeApartRecord.blank;
export const BLANK_TAKE_APART: TakeApartRecord = takeApartRecord.blank;
