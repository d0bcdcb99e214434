export { NO_FACTS, type Facts } from "./facts";
export { knownMotor, plateCapacitorFor, sectionFor, type KnownMotor } from "./known-motor";
