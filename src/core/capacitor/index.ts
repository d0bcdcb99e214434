export { GONE, GONE_PHRASES, goneBySaid, type Gone } from "./gone";
export {
  correctLabel,
  LABEL_PARTS,
  labelParts,
  parseCapacitorLabel,
  parseCapacitorParts,
  printBesideKind,
  printCapacitorLabel,
  ratedUfOf,
  saysNoCapacitor,
  type CapacitorLabel,
  type LabelCorrections,
  type LabelPart,
  type LabelSection,
  type WrittenPart,
} from "./label";
export { readShelfLabel } from "./shelf-label";
export { type CapacitorKind } from "./kind";
export { suggestStartRanges } from "./start-ranges";
export { limitsOfSection, type HouseTolerances, type SectionLimits } from "./limits";
export { capacitanceFromRunning, capacitorCurrentA, type RunningCapacitance } from "./running";
export { estimateFromSwing, expectedClimbS, SWING_BEHAVIOURS, SWING_MEANING, type SwingBehaviour, type SwingEstimate } from "./swing";
export { judgeJointly, type JointVerdict, type MethodFigure } from "./joint";
export { BLOCKING_DOUBTS, doubtsOfMeter, doubtsOfRunning, type Doubt } from "./plausibility";
export {
  dischargeThrough,
  judgeResistor,
  peakVolts,
  resistorFor,
  restBetweenS,
  timeToVoltsS,
  type Discharge,
  type ResistorVerdict,
} from "./discharge";
export { fitDrift, type Crossing, type Drift, type DriftPoint } from "./drift";
export { effectOfValue, valueState, type ValueEffect, type ValueState } from "./effect";
export { countStarts, type StartCount } from "./starts";
export { crutchReasons, KIT_SORTS, POTENTIAL_COIL_OHM, PTC, type CrutchReason, type KitSort } from "./kit";
export { neededCapacitor, type NeededCapacitor } from "./replacement";
export { compareWithPlate, isAskedFor, isSameRating, terminalNames, type PartMismatch } from "./fitted-part";
export { type StockPart } from "./stock";
export { rankParts, type FitOffer, type Refusal, type Remark, type Wanted } from "./fit";
export { joinParallel, type Joinable, type JoinTarget, type ParallelCombination } from "./combination";
export { searchCombinations } from "./search-combinations";
export { enumerateCombinations, type Combination, type JoinKind, type StockValue } from "./enumerate-combinations";
export { NO_CAPACITOR_FACTS, type CapacitorFacts } from "./facts";
export { capacitorJudge } from "./capacitor-slip";
export { START_RANGES_UF } from "./start-ranges";
