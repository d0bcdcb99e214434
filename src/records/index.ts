export { motorKey } from "./motor-key";
export {
  parseTravellerId,
  TravellerSchema,
  travellerType,
  type MotorOfVisit,
  type PutOff,
  type Traveller,
  type TravellerId,
} from "./traveller";
export { blankStationRow, stationRecordId } from "./station-id";
export { StationRecordSchema, type StationRecord } from "./station-record";
export { houseType, toHouse, UNSET_HOUSE, withRule, type House, type HouseRecord, type RuleChange } from "./house-record";
export {
  MOST_PART_PHOTO_CHARACTERS,
  SHELF_STATES,
  PartSchema,
  partType,
  type Part,
  type PartWindings,
  type ShelfState,
  type TestedPart,
} from "./part-record";
export { type PartMove } from "./move-record";
export { meterType, type MeterRecord } from "./meter-record";
export { toStockPart } from "./stock-part";
export {
  byType,
  cardOf,
  documentOf,
  findNewer,
  PRESENT_VERSIONS,
  RECORD_TYPE_NAMES,
  recordKindOf,
  type RecordKind,
  type RecordTypeName,
  type RecordVersions,
} from "./record-kinds";
export { NO_RECORDS, RECORD_TYPES, recordTypeOf, type DatedRow, type RecordLists, type RecordOf } from "./record-types";
export { migrateRecord, migrateStep, type RecordType } from "./record-type";
export { fitRecord } from "./fit-record";
export { valueAt, withValueAt } from "./value-at";
export { MAX_FILE_BYTES } from "./file-bounds";
export { parseJson, parseVemmickFile, readVemmickValue, type FileReading, type Progress } from "./read-file";
export { createFileWriter, writeVemmickFile, type FileWriter, type WrittenFile } from "./vemmick-file";
export { isEmptyPlan, outlineOf, planImport, type ImportOutline, type ImportPlan, type Present } from "./plan-import";
