import type { Suspect } from "../trade";
import { findingKey, type Finding } from "./finding";
import type { Standing } from "./standing";

/** Two findings that cannot both be the whole truth about one suspect. */
export interface Contradiction {
  readonly suspect: Suspect;
  readonly speaksFor: Finding;
  readonly speaksAgainst: Finding;
}

/** A finding contradicts another where each moves the odds by at least this factor, in opposite directions. */
const STRONG = Math.log(4);
/** Beside a proven suspect a lone dissenting finding is told; between suspects nobody thinks of, it is noise. */
const LEAST_PROBABILITY = 0.05;

/**
 * Findings that contradict each other, the strongest pair of each suspect. They are named, not averaged away: one of them
 * was taken wrongly, or the fault comes and goes.
 * @param standing suspects with their evidence
 * @returns pairs of findings, or none
 */
export function contradictionsOf(standing: Standing): Contradiction[] {
  const seen = new Set<string>();
  return standing.suspects.flatMap(({ suspect, probability, evidence }) => {
    if (suspect === "no-fault" || probability < LEAST_PROBABILITY) return [];
    const strong = (sign: 1 | -1): Finding[] =>
      evidence.flatMap((bearing) =>
        bearing.evidence.kind === "finding" && bearing.logWeight * sign >= STRONG ? [bearing.evidence.finding] : [],
      );
    const [speaksFor] = strong(1);
    const [speaksAgainst] = strong(-1);
    if (!speaksFor || !speaksAgainst || speaksFor.test === speaksAgainst.test) return [];
    // The same two findings quarrel about one thing, however many suspects it touches.
    const key = [findingKey(speaksFor), findingKey(speaksAgainst)].sort().join(" ");
    if (seen.has(key)) return [];
    seen.add(key);
    return [{ suspect, speaksFor, speaksAgainst }];
  });
}
