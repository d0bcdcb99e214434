export { BEARING_SIZES, bearingSize, STAMPED_NUMBERS, widthOf, type BearingSeries, type BearingSize } from "./dimension-table";
export { CLOSURES, SUFFIX_CODES, suffixSpec, type Clearance, type Closure, type SuffixCode } from "./suffix-table";
export { parseDesignation, printDesignation, type BearingDesignation, type NamedBearing, type StampedSuffix } from "./designation";
export { LENGTH_UNITS, readLength, splitDimensions, type KeyedLength, type LengthUnit } from "./length";
export {
  DIMENSIONS,
  identifyBearing,
  type Dimension,
  type Identification,
  type MeasuredSize,
  type SizeCandidate,
  type SizeSlip,
  type SlipFound,
} from "./identify";
export { defectBands, defectFrequencies, type BallGeometry, type Defect, type DefectBand, type DefectFrequencies } from "./frequencies";
export { estimateGeometry, geometryOf, possibleGeometries, shouldersOf, type KnownGeometry } from "./geometry";
export { type Deviations, type FitField } from "./tolerance-table";
export {
  HAND_FITS,
  judgeByHand,
  type HandFit,
  type HandFitVerdict,
  judgeSeat,
  repairsFor,
  SEAT_REPAIRS,
  usualField,
  type Seat,
  type SeatRepair,
  type SeatVerdict,
} from "./fits";
export { pressPath, type PressedRing, type PressPath, type Pusher } from "./press-path";
export { clearanceRange, type ClearanceRange } from "./clearance";
export {
  adviseBearing,
  isClosedBothSides,
  orderNumber,
  SURROUNDINGS,
  type AdviceReason,
  type BearingAdvice,
  type Surrounding,
} from "./advice";
export { BEARING_KINDS, DUTIES, greaseGrams, oilDrops, upkeepMonths, type BearingKind, type Duty } from "./upkeep";
export {
  bearingJob,
  JOB_LOSSES,
  JOB_TOOLS,
  TIER_TABLE,
  TIERS,
  type BearingJob,
  type JobLoss,
  type JobQuestion,
  type JobTool,
  type Tier,
} from "./job";
export { BEARING_ENDS, type BearingEnd } from "./ends";
export {
  HAND_FIELDS,
  HAND_RECORD,
  judgeHand,
  NOTHING_FELT,
  type HandFeel,
  type HandVerdict,
  type PlayVerdict,
  type Turn,
} from "./hand-feel";
export { NO_MECHANICS_FACTS, type MechanicsFacts } from "./facts";
export { bearingDifferences, fittedNumber, type BearingDifference, type FittedBearing } from "./stand-in";
