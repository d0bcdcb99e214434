import { HandSchema, NOTHING_FELT } from "../../bearing";
import { MomentSchema, NoteSchema, photoSchema, PrintedSchema, TicksSchema } from "../../station";
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

const StepSchema = v.object({
  id: v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes")),
  part: v.picklist(MOTOR_PARTS),
  /** what it is called, where the kind says too little */
  name: PrintedSchema,
  count: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(99)),
  place: v.nullable(v.picklist(PLACES)),
  /** which way round it sat */
  way: PrintedSchema,
  photo: v.nullable(photoSchema(MOST_STEP_PHOTO_CHARACTERS)),
  /** when all of them were back */
  backAt: v.nullable(MomentSchema),
  /** of so many, while some are missing */
  countBack: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(99)),
  /** a new one goes in its place */
  isNew: v.boolean(),
});
export type Step = v.InferOutput<typeof StepSchema>;

const WireSchema = v.object({
  /** as marked or coloured */
  mark: PrintedSchema,
  /** where it belongs */
  post: PrintedSchema,
  backAt: v.nullable(MomentSchema),
});
export type Wire = v.InferOutput<typeof WireSchema>;

/** Field names are persisted: do not change without a migration. */
export const TakeApartRecordSchema = v.object({
  /** in the order they came off */
  steps: v.pipe(v.array(StepSchema), v.maxLength(MOST_STEPS)),
  wires: v.pipe(v.array(WireSchema), v.maxLength(MOST_WIRES)),
  /** traps seen to, and when */
  seenTo: TicksSchema,
  /** how it turns once it is closed, before power */
  after: HandSchema,
  closedAt: v.nullable(MomentSchema),
  note: NoteSchema,
});
export type TakeApartRecord = v.InferOutput<typeof TakeApartRecordSchema>;

export const BLANK_TAKE_APART: TakeApartRecord = { steps: [], wires: [], seenTo: {}, after: NOTHING_FELT, closedAt: null, note: "" };
