export { parseCapacitorLabel, ratedUfOf, saysNoCapacitor, type CapacitorLabel, type LabelSection } from "./label";
export { correctLabel, LABEL_PARTS, labelParts, printCapacitorLabel, type LabelCorrections, type LabelPart } from "./parts";
export { parseCapacitorParts, printCapacitorParts, type WrittenPart } from "./pair";
