import { DaySchema, NoteSchema, PrintedSchema, someOf } from "../../station";
import * as v from "valibot";
import { BEARING_KINDS, DUTIES, HAND_FITS, LENGTH_UNITS, SEAT_REPAIRS, SURROUNDINGS, TIERS } from "../../bearing";

/** What shaft and seat are measured with. */
export const GAUGES = ["micrometer", "calliper"] as const;
export type Gauge = (typeof GAUGES)[number];

const EndSchema = v.object({
  kind: v.nullable(v.picklist(BEARING_KINDS)),
  /** as stamped, ? for what cannot be read */
  stamped: PrintedSchema,
  /** calliper figures as keyed */
  bore: PrintedSchema,
  outside: PrintedSchema,
  width: PrintedSchema,
  /** diameters of shaft and seat as keyed */
  shaft: PrintedSchema,
  seat: PrintedSchema,
  /** how each ring sits, as the hand finds it */
  shaftByHand: v.nullable(v.picklist(HAND_FITS)),
  seatByHand: v.nullable(v.picklist(HAND_FITS)),
  /** the outer ring has to slide: the end with the spring washer */
  slides: v.nullable(v.boolean()),
  shaftRepair: v.nullable(v.picklist(SEAT_REPAIRS)),
  seatRepair: v.nullable(v.picklist(SEAT_REPAIRS)),
});
export type EndRecord = v.InferOutput<typeof EndSchema>;

/** Everything keyed at the bearings. Field names are persisted: do not change without a migration. */
export const BearingRecordSchema = v.object({
  /** unit of figures keyed without one */
  unit: v.picklist(LENGTH_UNITS),
  ends: v.object({ "drive-end": EndSchema, "other-end": EndSchema }),
  around: someOf(SURROUNDINGS),
  gauge: v.picklist(GAUGES),
  /** change both, or only the bad one; null: the house's school */
  both: v.nullable(v.boolean()),
  tier: v.nullable(v.picklist(TIERS)),
  /** one bearing as quoted */
  price: PrintedSchema,
  duty: v.nullable(v.picklist(DUTIES)),
  plateMonths: PrintedSchema,
  plateOil: PrintedSchema,
  /** day it was last oiled, or listened to */
  lastDone: v.nullable(DaySchema),
  /** speed for the frequencies, where no station before knows it */
  rpm: PrintedSchema,
  note: NoteSchema,
});
export type BearingRecord = v.InferOutput<typeof BearingRecordSchema>;

const BLANK_END: EndRecord = {
  kind: null,
  stamped: "",
  bore: "",
  outside: "",
  width: "",
  shaft: "",
  seat: "",
  shaftByHand: null,
  seatByHand: null,
  slides: null,
  shaftRepair: null,
  seatRepair: null,
};

export const BLANK_BEARING: BearingRecord = {
  unit: "mm",
  ends: { "drive-end": BLANK_END, "other-end": BLANK_END },
  around: [],
  gauge: "micrometer",
  both: null,
  tier: null,
  price: "",
  duty: null,
  plateMonths: "",
  plateOil: "",
  lastDone: null,
  rpm: "",
  note: "",
};
