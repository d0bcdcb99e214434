export { NO_SAFETY_FACTS, type SafetyFacts } from "./facts";
