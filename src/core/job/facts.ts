import type { DoneWork } from "./works";
import type { Purpose } from "./purpose";

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

/** What the visit is for, what was done on it, and how far it is shown. */
export interface JobFacts {
  readonly purpose: Purpose;
  /** works that were done, with and without parts, the earliest first */
  readonly worksDone: readonly DoneWork[];
  /** works in which a part is named that is not in, or whose old one has no fate */
  readonly openParts: number;
  /** the old part stays in until the new one is here */
  readonly isOnOrder: boolean;
  /** day the part that waits is expected on, `YYYY-MM-DD` */
  readonly expectedOn: string | null;
  /** the motor that came out was made unusable */
  readonly isMadeUnusable: boolean;
  /** something is done meanwhile, since the part is not here */
  readonly isMakeshift: boolean;
  /** day on which it is looked at again, `YYYY-MM-DD` */
  readonly recheckOn: string | null;
  /** how far the proof is: nothing yet, something is missing, it speaks against the decision, or it is there */
  readonly proof: "none" | "open" | "against" | "there";
  /** it was made without the load of a machine */
  readonly isProofUnloaded: boolean;
  /** when it was made, ISO 8601; null: it was not, or nobody knows when */
  readonly provedAt: string | null;
}

export const NO_JOB_FACTS: JobFacts = {
  purpose: "fault",
  worksDone: [],
  openParts: 0,
  isOnOrder: false,
  expectedOn: null,
  isMadeUnusable: false,
  isMakeshift: false,
  recheckOn: null,
  proof: "none",
  isProofUnloaded: false,
  provedAt: null,
};
