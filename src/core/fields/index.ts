export { NoteSchema, PrintedSchema } from "./schemas";
export { PLAIN_FIELDS, readPlain, type PlainFieldId, type PlainFigure } from "./plain-fields";
export {
  field,
  fieldAt,
  fieldPaths,
  recordOf,
  type FieldPath,
  type FieldSet,
  type FieldValue,
  type RecordField,
  type RecordShape,
} from "./record-fields";
export { plainAt } from "./plain-at";
