/** State of the circuit. */
export interface SafetyFacts {
  readonly power: "live" | "dead";
  /** when the circuit was last made safe, ISO 8601; null: never */
  readonly deadSince: string | null;
}

/** A motor nobody has made safe is taken to be live. */
export const NO_SAFETY_FACTS: SafetyFacts = { power: "live", deadSince: null };
