export { printBesideKind } from "./beside-kind";
export { correctLabel, type LabelCorrections } from "./correct";
export { parseCapacitorLabel } from "./label";
export { parseCapacitorParts, type WrittenPart } from "./pair";
export { LABEL_PARTS, labelParts, printCapacitorLabel, type LabelPart } from "./print";
export { ratedUfOf, saysNoCapacitor, type CapacitorLabel, type LabelSection } from "./says";
