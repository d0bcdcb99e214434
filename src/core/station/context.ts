import type { Finding } from "../diagnosis";
import type { Facts } from "../facts";
import type { HouseFigures } from "../house";
import type { Study } from "../study";

/** What was keyed on an earlier visit to the same motor: record by station id, as the station's schema has it. */
export interface EarlierVisit {
  readonly at: string;
  readonly records: Readonly<Record<string, unknown>>;
}

export interface StationContext {
  readonly facts: Facts;
  readonly house: HouseFigures;
  /** earlier visits to the same motor, the oldest first */
  readonly earlier: readonly EarlierVisit[];
  readonly study: Study;
  /** what the stations before this one found */
  readonly findings: readonly Finding[];
  /** stations before this one that were worked, or skipped with a reason */
  readonly worked?: ReadonlySet<string>;
  /** when the card was made, ISO 8601; absent: not known */
  readonly at?: string | null;
  /** when this station's record was last changed, ISO 8601; absent: not known */
  readonly keyedAt?: string | null;
}
