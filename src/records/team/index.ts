export { compareVersions, isDeviceId, joinVersions, nextVersion, type VersionVector } from "./version-vector";
export {
  TeamWriterSchema,
  toVersions,
  versionKey,
  VersionsSchema,
  type KnownVersion,
  type TeamSection,
  type TeamWriter,
} from "./team-section";
export { noteChanges } from "./note-changes";
export { OWN_FIELDS, sharedPart, withOwn } from "./own-fields";
export {
  changedOnBoth,
  chosen,
  isNews,
  planMerge,
  type Choice,
  type Conflict,
  type MergePlan,
  type Mine,
  type Side,
  type MergeStep,
  type Theirs,
} from "./plan-merge";
