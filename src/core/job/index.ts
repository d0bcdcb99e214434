export { NO_POWER_FACTS, type PowerFacts } from "./facts";
export { deadStretches, isPowerBack, type DeadStretch } from "./power";
