import type { TestId } from "../trade";
import type { Finding } from "./finding";

/**
 * Look, smell and turn are one step: whoever turned it by hand had it before the eyes, and little that is plain to see was
 * missed. Judgement.
 */
const SEEN_BY_HAND = 0.2;
/** Whoever clamped it while it ran stood beside it: what could be heard was heard for the most part. Judgement. */
const HEARD_BY_CLAMP = 0.4;
const AT_THE_RUN: readonly TestId[] = ["run-amps", "start-winding-amps", "speed", "capacitor-running"];
/**
 * What is left for a test to tell, where another showed most of it: a part of its information.
 * @param test which test
 * @param findings what was found
 * @returns share of its bits, 0 to 1
 */
export function leftToSee(test: TestId, findings: readonly Finding[]): number {
  if (test === "look") return findings.some((finding) => finding.test === "hand-turn") ? SEEN_BY_HAND : 1;
  return test === "noise" && findings.some((finding) => AT_THE_RUN.includes(finding.test)) ? HEARD_BY_CLAMP : 1;
}
