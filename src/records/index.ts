export { motorKey, parseTravellerId, TravellerSchema, type Traveller, type TravellerId } from "./traveller";
export { StationRecordSchema, stationRecordId, type StationRecord } from "./station-record";
export { HouseRecordSchema, toHouse, UNSET_HOUSE, withRule, type House, type HouseRecord, type RuleChange } from "./house-record";
export { PartSchema, toStockPart, type Part } from "./part-record";
export { findNewer, PRESENT_VERSIONS, RECORD_TYPE_NAMES, RECORD_TYPES, type RecordTypeName, type RecordVersions } from "./versions";
export { migrateRecord } from "./record-type";
export { FILE_SUFFIX, parseVemmickFile, VemmickFileSchema, writeVemmickFile, type VemmickFile } from "./vemmick-file";
export { isEmptyPlan, planImport, type ImportPlan } from "./plan-import";
