export { QUANTITIES, QUANTITY_IDS, type BaseUnit, type Quantity } from "./units";
export { readFigure, type FigureOptions, type FigureText } from "./read-figure";
export { byBands, findSlip, SLIP_KINDS, slipCandidates, type Slip, type SlipCandidate, type SlipJudge, type SlipKind } from "./slip";
export { parseReading, type MeterFigure } from "./parse-reading";
export {
  combineStandard,
  instrumentUncertainty,
  UNLISTED_METER,
  type InstrumentUncertainty,
  type MeterRange,
  type UnlistedMeter,
} from "./uncertainty";
export { normalCdf } from "./normal";
export { decideConformity, type Conformity, type ConformityInput, type Limits } from "./conformity";
export { formatNumber, formatPercent, formatProbability, formatQuantity, withMinus } from "./format";
export { formatMoney } from "./money";
export { formatLength, formatPower } from "./plain-format";
export {
  EntrySchema,
  figureOf,
  MeterSchema,
  ReadingSchema,
  takeReading,
  type Entry,
  type Figure,
  type Meter,
  type Reading,
  type ReadingOrigin,
  MOST_RANGES,
} from "./reading";
export type { WorkingStep } from "./working-step";
export { typedFigure } from "./typed-figure";
