/** State of the circuit, and how it came to it. */
export interface PowerFacts {
  readonly power: "live" | "dead";
  /** when the circuit was last made safe, ISO 8601; it stays when power is back; null: never */
  readonly deadSince: string | null;
  /** when power last came back after that, or before it, ISO 8601; null: it never did */
  readonly restoredAt: string | null;
  /** every time power came back on this visit, ISO 8601 */
  readonly restoredAtAll: readonly string[];
}

/** A motor nobody has made safe is taken to be live. */
export const NO_POWER_FACTS: PowerFacts = { power: "live", deadSince: null, restoredAt: null, restoredAtAll: [] };
