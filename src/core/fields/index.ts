export { NoteSchema, PrintedSchema, someOf, TicksSchema } from "./schemas";
export { PLAIN_FIELDS, readPlain, type PlainFieldId, type PlainFigure } from "./plain-fields";
export {
  field,
  fieldAt,
  fieldPaths,
  plainAt,
  recordOf,
  type FieldPath,
  type FieldSet,
  type FieldValue,
  type RecordField,
  type RecordShape,
} from "./record-fields";
