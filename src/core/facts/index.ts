export { NO_FACTS, type Facts } from "./facts";
export { knownMotor, plateCapacitorFor, type KnownMotor } from "./known-motor";
export { sectionFor, usualSectionOf } from "./usual-section";
