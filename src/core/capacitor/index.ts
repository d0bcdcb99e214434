export { parseCapacitorLabel, type CapacitorLabel, type LabelSection } from "./label";
export { type CapacitorKind } from "./kind";
export { limitsOfSection, type HouseTolerances, type SectionLimits } from "./limits";
export { neededCapacitor, type NeededCapacitor } from "./replacement";
export { compareWithPlate, type PartMismatch } from "./fitted-part";
