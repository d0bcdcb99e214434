import * as v from "valibot";
import { FATES, KEPT_PARTS, MOST_PIECES, MOST_QUOTES, PIECE_CONDITIONS, QuoteSchema, SWAP_ACTIONS, type SwapAction } from "../../exchange";
import { isWork, MENDS } from "../../job";
import { BLANK_PLACE, BLANK_SHEET, MotorSheetSchema, PlaceSheetSchema } from "../../match";
import { ROTATIONS } from "../../motor";
import { EntrySchema } from "../../quantity";
import { GearMeasuresSchema } from "../../startgear";
import { DaySchema, MomentSchema, NoteSchema, PrintedSchema, someOf, TicksSchema } from "../../station";
import { ACTIONS } from "../../trade";

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

const PieceSchema = v.object({
  label: PrintedSchema,
  /** serial or stamp, where it has one */
  stamp: PrintedSchema,
  source: PrintedSchema,
  price: PrintedSchema,
  /** before it was fitted: µF of a capacitor, the lowest ohms to the frame of a motor */
  reading: v.nullable(EntrySchema),
  /** as eye and hand found it; null: nobody said */
  condition: v.nullable(v.picklist(PIECE_CONDITIONS)),
  /** of start gear: what hand and meter found out of circuit */
  gear: v.nullable(GearMeasuresSchema),
  /** plate of a motor; null: typed in the label alone */
  sheet: v.nullable(MotorSheetSchema),
  /** line of the shelf it was taken from */
  shelfId: v.nullable(IdSchema),
  takenAt: v.nullable(MomentSchema),
});
export type Piece = v.InferOutput<typeof PieceSchema>;

export const BLANK_PIECE: Piece = {
  label: "",
  stamp: "",
  source: "",
  price: "",
  reading: null,
  condition: null,
  gear: null,
  sheet: null,
  shelfId: null,
  takenAt: null,
};

/** What comes out and what goes in at one work. */
export const ExchangeSchema = v.object({
  out: OutSchema,
  /** what goes in: one piece, a bearing for each end, capacitors that make a value together */
  pieces: v.pipe(v.array(PieceSchema), v.minLength(1), v.maxLength(MOST_PIECES)),
  fittedAt: v.nullable(MomentSchema),
  /** the old one stays until the new one is here */
  isOldKept: v.boolean(),
  expectedOn: v.nullable(DaySchema),
});
export type PartExchange = v.InferOutput<typeof ExchangeSchema>;

export const BLANK_EXCHANGE: PartExchange = {
  out: { label: "", reading: "", fate: null, why: "", unusableAt: null, kept: [], shelved: {} },
  pieces: [BLANK_PIECE],
  fittedAt: null,
  isOldKept: false,
  expectedOn: null,
};

/** A piece of which nothing was keyed. */
export const isBlankPiece = (piece: Piece): boolean => JSON.stringify(piece) === JSON.stringify(BLANK_PIECE);

/** A piece that is named, by its label or by the plate of a motor. */
export const isNamedPiece = ({ label, sheet }: Piece): boolean => label.trim() !== "" || sheet !== null;

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

/** What can be noted as done: a decision that needs no part, and the works that stand for one. Persisted. */
export const DONE_IDS = [...ACTIONS.filter(isWork), ...MENDS];
export type DoneId = (typeof DONE_IDS)[number];

/** Field names are persisted: do not change without a migration. */
export const OutInRecordSchema = v.object({
  works: v.partial(
    v.object(Object.fromEntries(SWAP_ACTIONS.map((action) => [action, ExchangeSchema])) as Record<SwapAction, typeof ExchangeSchema>),
  ),
  /** what was done without a part, and when */
  done: v.partial(
    v.object(Object.fromEntries(DONE_IDS.map((id) => [id, MomentSchema])) as Record<(typeof DONE_IDS)[number], typeof MomentSchema>),
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
  done: {},
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
