import * as v from "valibot";
import { field, recordOf } from "../../fields";
import { MOST_PHOTO_CHARACTERS, photoSchema } from "../../station";
import { BEARING_KINDS, DUTIES, HAND_FITS, LENGTH_UNITS, SEAT_REPAIRS, SURROUNDINGS, TIERS } from "../../bearing";

/** What shaft and seat are measured with. */
const GAUGES = ["micrometer", "calliper"] as const;
export type Gauge = (typeof GAUGES)[number];

/** One of the two bearings. */
export const endRecord = recordOf({
  kind: field.oneOf(BEARING_KINDS),
  /** as stamped, ? for what cannot be read */
  stamped: field.printed(),
  /** calliper figures as keyed */
  bore: field.printed(),
  outside: field.printed(),
  width: field.printed(),
  /** diameters of shaft and seat as keyed */
  shaft: field.printed(),
  seat: field.printed(),
  /** how each ring sits, as the hand finds it */
  shaftByHand: field.oneOf(HAND_FITS),
  seatByHand: field.oneOf(HAND_FITS),
  /** the outer ring has to slide: the end with the spring washer */
  slides: field.yesNo(),
  /** of its stamp, where one was taken */
  photo: field.own(v.nullable(photoSchema(MOST_PHOTO_CHARACTERS)), null),
  shaftRepair: field.oneOf(SEAT_REPAIRS),
  seatRepair: field.oneOf(SEAT_REPAIRS),
});
export type EndRecord = typeof endRecord.blank;

/** Everything keyed at the bearings. Field names are persisted: do not change without a migration. */
export const bearingRecord = recordOf({
  /** unit of figures keyed without one */
  unit: field.always(LENGTH_UNITS, "mm"),
  ends: field.group({ "drive-end": field.group(endRecord.fields), "other-end": field.group(endRecord.fields) }),
  around: field.someOf(SURROUNDINGS),
  gauge: field.always(GAUGES, "micrometer"),
  /** change both, or only the bad one; null: the house's school */
  both: field.yesNo(),
  tier: field.oneOf(TIERS),
  /** one bearing as quoted */
  price: field.plain("price"),
  duty: field.oneOf(DUTIES),
  plateMonths: field.plain("plateMonths"),
  plateOil: field.printed(),
  /** day it was last oiled, or listened to */
  lastDone: field.day(),
  /** speed for the frequencies, where no station before knows it */
  rpm: field.plain("rpm"),
  note: field.note(),
});
export type BearingRecord = typeof bearingRecord.blank;
