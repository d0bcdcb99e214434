export { type Stamp } from "./stamp";
export { type CautionCode, type SharedCaution, type StationDefinition, type StationMethod, type StationPower } from "./definition";
export { plainAssessment, type Assessment } from "./assessment";
export { type EarlierVisit, type StationContext } from "./context";
export { defineStation, describedBy, type Station, type StationMigrations } from "./station";
export { cautionsFor } from "./cautions";
export { MomentSchema } from "../kept";
export { MOST_PHOTO_CHARACTERS, photoSchema } from "../kept/photo";
export { NoteSchema, PLAIN_FIELDS, PrintedSchema, readPlain, type PlainFieldId, type PlainFigure } from "../fields";
