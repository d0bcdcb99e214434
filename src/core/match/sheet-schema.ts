import * as v from "valibot";
import { textSchema } from "../kept";
import { ROTATIONS, SEEN_FROM } from "../motor/rotation";
import { BEARING_SORTS, ENCLOSURES, MOUNTS, NAMED_TYPES, PROTECTIONS, RATED_DUTIES, SHAFT_FORMS } from "./motor-spec";

/* Apart from what reads them: a list of parts need not load the tables of labels and plates. */
const printed = textSchema("printed");

/** A motor as its plate and a rule say it, as keyed: what nobody knows stays empty. Field names are persisted. */
export const MotorSheetSchema = v.object({
  type: v.nullable(v.picklist(NAMED_TYPES)),
  volts: printed,
  hertz: printed,
  power: printed,
  amps: printed,
  rpm: printed,
  phases: v.nullable(v.picklist([1, 3])),
  speeds: printed,
  rotation: v.nullable(v.picklist(ROTATIONS)),
  seenFrom: v.picklist(SEEN_FROM),
  isReversible: v.nullable(v.boolean()),
  shaftEnds: v.nullable(v.picklist([1, 2])),
  mount: v.nullable(v.picklist(MOUNTS)),
  bodyDiameter: printed,
  bodyLength: printed,
  shaftDiameter: printed,
  shaftLength: printed,
  shaftForm: v.nullable(v.picklist(SHAFT_FORMS)),
  enclosure: v.nullable(v.picklist(ENCLOSURES)),
  duty: v.nullable(v.picklist(RATED_DUTIES)),
  bearings: v.nullable(v.picklist(BEARING_SORTS)),
  capacitor: printed,
  protection: v.nullable(v.picklist(PROTECTIONS)),
  leadLength: printed,
  /** roles and colours of its leads, in words */
  leads: printed,
});
export type MotorSheet = v.InferOutput<typeof MotorSheetSchema>;

export const BLANK_SHEET: MotorSheet = {
  type: null,
  volts: "",
  hertz: "",
  power: "",
  amps: "",
  rpm: "",
  phases: null,
  speeds: "",
  rotation: null,
  seenFrom: "shaft-end",
  isReversible: null,
  shaftEnds: null,
  mount: null,
  bodyDiameter: "",
  bodyLength: "",
  shaftDiameter: "",
  shaftLength: "",
  shaftForm: null,
  enclosure: null,
  duty: null,
  bearings: null,
  capacitor: "",
  protection: null,
  leadLength: "",
  leads: "",
};

/** A place as keyed. Field names are persisted: do not change without a migration. */
export const PlaceSheetSchema = v.object({
  supply: printed,
  roomLength: printed,
  roomDiameter: printed,
  circuit: printed,
  wheelBore: printed,
  speedsUsed: printed,
  leadLength: printed,
  shaft: v.nullable(v.picklist(["horizontal", "up", "down"])),
  hasAirOver: v.nullable(v.boolean()),
});
export type PlaceSheet = v.InferOutput<typeof PlaceSheetSchema>;

export const BLANK_PLACE: PlaceSheet = {
  supply: "",
  roomLength: "",
  roomDiameter: "",
  circuit: "",
  wheelBore: "",
  speedsUsed: "",
  leadLength: "",
  shaft: null,
  hasAirOver: null,
};
