export { NO_FACTS, type Facts } from "./facts";
export { capacitorNoGood, type CapacitorNoGood } from "./capacitor-no-good";
export { knownMotor, plateCapacitorFor, type KnownMotor } from "./known-motor";
export { sectionFor, usualSectionOf } from "./usual-section";
