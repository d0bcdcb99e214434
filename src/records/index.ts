export { motorKey, parseTravellerId, TravellerSchema, type Traveller, type TravellerId } from "./traveller";
export { StationRecordSchema, stationRecordId, type StationRecord } from "./station-record";
export { HouseRecordSchema, toHouse, UNSET_HOUSE, withRule, type House, type HouseRecord, type RuleChange } from "./house-record";
export { PartSchema, toStockPart, type Part } from "./part-record";
export {
  findNewer,
  PRESENT_VERSIONS,
  RECORD_TYPE_NAMES,
  RECORD_TYPES,
  type RecordOf,
  type RecordTypeName,
  type RecordVersions,
} from "./versions";
export { migrateRecord, migrateStep } from "./record-type";
export { fitRecord } from "./fit-record";
export { isLoose, valueAt, withValueAt } from "./value-at";
export { MAX_FILE_BYTES, parseVemmickFile, type FileReading } from "./read-file";
export {
  FILE_SUFFIX,
  NO_RECORDS,
  VemmickFileSchema,
  writeVemmickFile,
  type RecordLists,
  type VemmickFile,
  type WrittenFile,
} from "./vemmick-file";
export { isEmptyPlan, planImport, type ImportPlan, type Present } from "./plan-import";
