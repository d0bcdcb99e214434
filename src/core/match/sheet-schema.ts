import { field, recordOf } from "../fields";
import { ROTATIONS, SEEN_FROM } from "../motor/rotation";
import { BEARING_SORTS, ENCLOSURES, MOUNTS, NAMED_TYPES, PROTECTIONS, RATED_DUTIES, SHAFT_FORMS } from "./motor-spec";

/* Apart from what reads them: a list of parts need not load the tables of labels and plates. */
/** A motor as its plate and a rule say it, as keyed: what nobody knows stays empty. Field names are persisted. */
export const motorSheet = recordOf({
  type: field.oneOf(NAMED_TYPES),
  volts: field.printed(),
  hertz: field.printed(),
  power: field.printed(),
  amps: field.printed(),
  rpm: field.printed(),
  phases: field.oneOf([1, 3]),
  speeds: field.plain("speeds"),
  rotation: field.oneOf(ROTATIONS),
  seenFrom: field.always(SEEN_FROM, "shaft-end"),
  isReversible: field.yesNo(),
  shaftEnds: field.oneOf([1, 2]),
  mount: field.oneOf(MOUNTS),
  bodyDiameter: field.plain("millimetres"),
  bodyLength: field.plain("millimetres"),
  shaftDiameter: field.plain("millimetres"),
  shaftLength: field.plain("millimetres"),
  shaftForm: field.oneOf(SHAFT_FORMS),
  enclosure: field.oneOf(ENCLOSURES),
  duty: field.oneOf(RATED_DUTIES),
  bearings: field.oneOf(BEARING_SORTS),
  capacitor: field.printed(),
  protection: field.oneOf(PROTECTIONS),
  leadLength: field.plain("leadLength"),
  /** roles and colours of its leads, in words */
  leads: field.printed(),
});
export type MotorSheet = typeof motorSheet.blank;

export const MotorSheetSchema = motorSheet.schema;
export const BLANK_SHEET: MotorSheet = motorSheet.blank;

/** A place as keyed. Field names are persisted: do not change without a migration. */
export const placeSheet = recordOf({
  supply: field.plain("supplyVolts"),
  roomLength: field.plain("millimetres"),
  roomDiameter: field.plain("millimetres"),
  circuit: field.plain("circuitAmps"),
  wheelBore: field.plain("millimetres"),
  speedsUsed: field.plain("speeds"),
  leadLength: field.plain("leadLength"),
  shaft: field.oneOf(["horizontal", "up", "down"]),
  hasAirOver: field.yesNo(),
});
export type PlaceSheet = typeof placeSheet.blank;

export const BLANK_PLACE: PlaceSheet = placeSheet.blank;
