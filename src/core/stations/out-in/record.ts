import { byId } from "../../kept";
import { field, recordOf } from "../../fields";
import * as v from "valibot";
import { FATES, KEPT_PARTS, MOST_PIECES, MOST_QUOTES, PIECE_CONDITIONS, QuoteSchema, SWAP_ACTIONS } from "../../exchange";
import { isWork, MENDS } from "../../job";
import { MotorSheetSchema, motorSheet, placeSheet } from "../../match";
import { ROTATIONS } from "../../motor";
import { EntrySchema } from "../../quantity";
import { GearMeasuresSchema } from "../../startgear";
import { MomentSchema } from "../../station";
import { ACTIONS } from "../../trade";

const IdSchema = v.pipe(v.string(), v.regex(/^[A-Za-z0-9-]{1,64}$/, "letters, digits and dashes"));

export const partOut = recordOf({
  label: field.printed(),
  /** as it read when it came out, in words: what the stations found stays there */
  reading: field.printed(),
  fate: field.oneOf(FATES),
  why: field.note(),
  /** made unusable: cord or leads cut */
  unusableAt: field.moment(),
  kept: field.someOf(KEPT_PARTS),
  /** put on the shelf: the whole, or parts kept of it */
  shelved: field.ticks(),
});

export const pieceIn = recordOf({
  label: field.printed(),
  /** serial or stamp, where it has one */
  stamp: field.printed(),
  source: field.printed(),
  price: field.printed(),
  /** before it was fitted: µF of a capacitor, the lowest ohms to the frame of a motor */
  reading: field.own(v.nullable(EntrySchema), null),
  /** as eye and hand found it; null: nobody said */
  condition: field.oneOf(PIECE_CONDITIONS),
  /** of start gear: what hand and meter found out of circuit */
  gear: field.own(v.nullable(GearMeasuresSchema), null),
  /** plate of a motor; null: typed in the label alone */
  sheet: field.own(v.nullable(MotorSheetSchema), null),
  /** line of the shelf it was taken from */
  shelfId: field.own(v.nullable(IdSchema), null),
  takenAt: field.moment(),
});
export type Piece = typeof pieceIn.blank;

export const BLANK_PIECE: Piece = pieceIn.blank;

/** What comes out and what goes in at one work. */
export const exchangeRecord = recordOf({
  out: field.group(partOut.fields),
  /** what goes in: one piece, a bearing for each end, capacitors that make a value together */
  pieces: field.own(v.pipe(v.array(pieceIn.schema), v.minLength(1), v.maxLength(MOST_PIECES)), [BLANK_PIECE]),
  fittedAt: field.moment(),
  /** the old one stays until the new one is here */
  isOldKept: field.flag(),
  expectedOn: field.day(),
});
export type PartExchange = typeof exchangeRecord.blank;

const ExchangeSchema = exchangeRecord.schema;
export const BLANK_EXCHANGE: PartExchange = exchangeRecord.blank;

/** A piece of which nothing was keyed. */
export const isBlankPiece = (piece: Piece): boolean => JSON.stringify(piece) === JSON.stringify(BLANK_PIECE);

/** A piece that is named, by its label or by the plate of a motor. */
export const isNamedPiece = ({ label, sheet }: Piece): boolean => label.trim() !== "" || sheet !== null;

/** A motor that may go in, beside those of the shelf. */
export const candidateIn = recordOf({
  id: field.own(IdSchema, "-"),
  /** where it is from: supplier, colleague, another machine */
  source: field.printed(),
  price: field.printed(),
  sheet: field.group(motorSheet.fields),
});
export type Candidate = typeof candidateIn.blank;
export const MOST_CANDIDATES = 6;

/** What can be noted as done: a decision that needs no part, and the works that stand for one. Persisted. */
export const DONE_IDS = [...ACTIONS.filter(isWork), ...MENDS];
export type DoneId = (typeof DONE_IDS)[number];

/** Field names are persisted: do not change without a migration. */
export const outInRecord = recordOf({
  works: field.own(v.partial(v.object(byId(SWAP_ACTIONS, () => ExchangeSchema))), {}),
  /** what was done without a part, and when */
  done: field.own(v.partial(v.object(byId(DONE_IDS, () => MomentSchema))), {}),
  quotes: field.own(v.pipe(v.array(QuoteSchema), v.maxLength(MOST_QUOTES)), []),
  /** what an hour costs while the machine stands */
  standstill: field.plain("shelfPrice"),
  /** what a rule says of the old motor, beside its plate */
  old: field.group(motorSheet.fields),
  place: field.group(placeSheet.fields),
  candidates: field.own(v.pipe(v.array(candidateIn.schema), v.maxLength(MOST_CANDIDATES)), []),
  /** looking at the shaft end, before anything came off */
  rotationBefore: field.oneOf(ROTATIONS),
  /** where the machine asks for the other way */
  rotationAsked: field.oneOf(ROTATIONS),
  /** seen to after fitting */
  seenTo: field.ticks(),
  note: field.note(),
});
export type OutInRecord = typeof outInRecord.blank;
