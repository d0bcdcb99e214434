export { NO_FACTS, type Facts } from "./facts";
export { knownMotor, plateCapacitorFor, type KnownMotor } from "./known-motor";
export { usualSectionOf } from "./usual-section";
