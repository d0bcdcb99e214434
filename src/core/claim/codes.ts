import type { StationId } from "../stations";

/** What a card can claim of a motor. A claim is true or false of the motor, whatever was keyed. */
export const CLAIM_CODES = [
  /** the circuit has no power */
  "dead",
  /** it is none of the sorts that are judged here */
  "not-ours",
  "capacitor-holds",
  "capacitor-out",
  "capacitor-within",
  "capacitor-shorted",
  "capacitor-is-not-asked-for",
  /** a lead has this role; about `post:role` */
  "lead-is",
  /** no path through this lead; about its post */
  "lead-open",
  "windings-hold",
  "windings-shorted",
  "start-winding-lost-turns",
  "frame-clear",
  "grounded",
  "insulation-holds",
  "insulation-out",
  "gear-works",
  /** a relay: coil and contacts at rest, and nothing of whether it opens */
  "relay-rests-right",
  "gear-failed",
  "supply-good",
  "supply-low",
  "supply-sags",
  "supply-absent",
  "supply-lost",
  "no-call",
  "draws-as-it-should",
  /** about a suspect, or nothing wrong */
  "at-fault",
  /** about the way on that stands first */
  "puts-it-right",
  "proved",
  /** the proof speaks against what was done */
  "not-put-right",
  "works-again",
  /** a motor on the bench, once it was tested */
  "spare-starts",
  "runs-without-load",
] as const;
export type ClaimCode = (typeof CLAIM_CODES)[number];

/** One thing that is said of the motor. */
export interface Claim {
  readonly code: ClaimCode;
  /** where it is said */
  readonly station: StationId;
  /** which part, lead or suspect; null: the code says it all */
  readonly about: string | null;
  /** how sure it is said to be; null: said outright */
  readonly chance: number | null;
}
