import * as v from "valibot";
import { FATES, KEPT_PARTS, MOST_QUOTES, QuoteSchema, SWAP_ACTIONS, type SwapAction } from "../../exchange";
import { BLANK_PLACE, BLANK_SHEET, MotorSheetSchema, PlaceSheetSchema } from "../../match";
import { ROTATIONS } from "../../motor";
import { EntrySchema } from "../../quantity";
import { DaySchema, MomentSchema, NoteSchema, PrintedSchema, someOf, TicksSchema } from "../../station";

const IdSchema = v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes"));

const OutSchema = v.object({
  label: PrintedSchema,
  /** as it read when it came out, in words: what the stations found stays there */
  reading: PrintedSchema,
  fate: v.nullable(v.picklist(FATES)),
  why: NoteSchema,
  /** made unusable: cord or leads cut */
  unusableAt: v.nullable(MomentSchema),
  kept: someOf(KEPT_PARTS),
  /** put on the shelf: the whole, or parts kept of it */
  shelved: TicksSchema,
});

const InSchema = v.object({
  label: PrintedSchema,
  /** serial or stamp, where it has one */
  stamp: PrintedSchema,
  source: PrintedSchema,
  price: PrintedSchema,
  /** before it was fitted: µF of a capacitor, the lowest ohms to the frame of a motor */
  reading: v.nullable(EntrySchema),
  /** plate of a motor; null: typed in the label alone */
  sheet: v.nullable(MotorSheetSchema),
  /** line of the shelf it was taken from */
  shelfId: v.nullable(IdSchema),
  takenAt: v.nullable(MomentSchema),
  fittedAt: v.nullable(MomentSchema),
});

/** One part out and one in. */
export const ExchangeSchema = v.object({
  out: OutSchema,
  in: InSchema,
  /** the old one stays until the new one is here */
  isOldKept: v.boolean(),
  expectedOn: v.nullable(DaySchema),
});
export type PartExchange = v.InferOutput<typeof ExchangeSchema>;

export const BLANK_EXCHANGE: PartExchange = {
  out: { label: "", reading: "", fate: null, why: "", unusableAt: null, kept: [], shelved: {} },
  in: { label: "", stamp: "", source: "", price: "", reading: null, sheet: null, shelfId: null, takenAt: null, fittedAt: null },
  isOldKept: false,
  expectedOn: null,
};

/** A motor that may go in, beside those of the shelf. */
const CandidateSchema = v.object({
  id: IdSchema,
  /** where it is from: supplier, colleague, another machine */
  source: PrintedSchema,
  price: PrintedSchema,
  sheet: MotorSheetSchema,
});
export type Candidate = v.InferOutput<typeof CandidateSchema>;
export const MOST_CANDIDATES = 6;

/** Field names are persisted: do not change without a migration. */
export const OutInRecordSchema = v.object({
  works: v.partial(
    v.object(Object.fromEntries(SWAP_ACTIONS.map((action) => [action, ExchangeSchema])) as Record<SwapAction, typeof ExchangeSchema>),
  ),
  quotes: v.pipe(v.array(QuoteSchema), v.maxLength(MOST_QUOTES)),
  /** what an hour costs while the machine stands */
  standstill: PrintedSchema,
  /** what a rule says of the old motor, beside its plate */
  old: MotorSheetSchema,
  place: PlaceSheetSchema,
  candidates: v.pipe(v.array(CandidateSchema), v.maxLength(MOST_CANDIDATES)),
  /** looking at the shaft end, before anything came off */
  rotationBefore: v.nullable(v.picklist(ROTATIONS)),
  /** where the machine asks for the other way */
  rotationAsked: v.nullable(v.picklist(ROTATIONS)),
  /** seen to after fitting */
  seenTo: TicksSchema,
  note: NoteSchema,
});
export type OutInRecord = v.InferOutput<typeof OutInRecordSchema>;

export const BLANK_OUT_IN: OutInRecord = {
  works: {},
  quotes: [],
  standstill: "",
  old: BLANK_SHEET,
  place: BLANK_PLACE,
  candidates: [],
  rotationBefore: null,
  rotationAsked: null,
  seenTo: {},
  note: "",
};
