export { QUANTITIES, type BaseUnit, type Quantity } from "./units";
export { parseReading, type MeterFigure } from "./parse-reading";
export { combineStandard, instrumentUncertainty, type InstrumentUncertainty, type MeterRange } from "./uncertainty";
export { normalCdf } from "./normal";
export { decideConformity, type Conformity, type ConformityInput, type Limits } from "./conformity";
export { formatMoney, formatNumber, formatPercent, formatProbability, formatQuantity } from "./format";
export { EntrySchema, MeterSchema, ReadingSchema, takeReading, type Entry, type Meter, type Reading } from "./reading";
