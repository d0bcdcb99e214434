/* What is told of team files without what merges them: that is fetched where it is needed, and no page holds it. */
export {
  deviceOfHead,
  deviceOfOldFile,
  headFileOf,
  oldFileOf,
  photoFileOf,
  readHead,
  segmentFileOf,
  stateOf,
  wholeFileOf,
  writeHead,
  type Head,
  type Listed,
} from "./head";
export { contentSign, readSegment, writeSegment, type DocumentChanges, type Segment, type TeamName } from "./segment";
