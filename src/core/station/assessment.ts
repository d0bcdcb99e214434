import type { Finding } from "../diagnosis";
import type { Due } from "../due";
import type { Facts } from "../facts";
import type { WorkingStep } from "../quantity";
import type { TestId } from "../trade";
import type { Stamp } from "./stamp";

/** Always derived from the record, never stored. */
export interface Assessment<Detail = unknown, Own extends object = object> {
  readonly stamp: Stamp;
  readonly detail: Detail;
  /** what it states of the motor: shared facts, and those that only it knows of */
  readonly facts: Partial<Facts> & Partial<Own>;
  readonly findings: readonly Finding[];
  readonly working: readonly WorkingStep[];
  /** follow-ups it asks for */
  readonly due?: readonly Due[];
  /** tests of this station still worth proposing; without it: all while the stamp says not done, then none */
  readonly openTests?: readonly TestId[];
}

/**
 * An assessment with nothing to say beyond its stamp and detail.
 * @param stamp the verdict
 * @param detail what the station made of its record
 * @param rest facts, findings, working and what else it says
 * @returns the assessment
 */
export function plainAssessment<Detail, Own extends object = object>(
  stamp: Stamp,
  detail: Detail,
  rest: Partial<Assessment<Detail, Own>> = {},
): Assessment<Detail, Own> {
  const facts: Partial<Facts> & Partial<Own> = {};
  return { stamp, detail, facts, findings: [], working: [], ...rest };
}
