import type { EndId } from "../job";
import type { Stamp } from "../station";
import { STATION_IDS, type StationId } from "../stations";
import type { ActionId } from "../trade";
import type { StationAssessments } from "./entries";

/** Stamps that speak for a card, the worst first. */
const LOUDEST = ["out", "contradicts", "too-close", "open"] as const satisfies readonly Stamp[];

/**
 * The station that speaks for a card: the one with the worst stamp, the latest of those. Making safe is a step, no finding.
 * @param stations what each station came to
 * @returns null: none is anything but well
 */
export function loudestStation(stations: StationAssessments): StationId | null {
  for (const stamp of LOUDEST) {
    const found = STATION_IDS.findLast((id) => id !== "make-safe" && stations[id].stamp === stamp);
    if (found) return found;
  }
  return null;
}

/**
 * The end that a card came to: all it asks for is there. A card that was signed off before ends were noted has the one that its
 * proof bears out.
 * @param stations what each station came to
 * @param finishedAt when the card was signed off, ISO 8601; null: it is not
 * @returns null: it has not ended
 */
export function endReached(stations: Pick<StationAssessments, "end" | "prove">, finishedAt: string | null): EndId | null {
  const { end, lacks } = stations.end.detail;
  return end !== null && lacks.length === 0 && (finishedAt !== null || stations.prove.stamp === "holds") ? end : null;
}

/** Where a card stands: it has an end, a work was decided, a station speaks, or it is under way. */
export type CardStanding =
  | { readonly kind: "ended"; readonly end: EndId; readonly stamp: Stamp }
  | { readonly kind: "decided"; readonly stamp: Stamp; readonly isProofJudged: boolean }
  | { readonly kind: "speaks"; readonly station: StationId; readonly stamp: Stamp }
  | { readonly kind: "under-way"; readonly done: number };

/**
 * Where a card stands, for lists.
 * @param stations what each station came to
 * @param action what was decided; null: nothing yet
 * @param finishedAt when it was signed off, ISO 8601; null: it is not
 * @returns the standing; words are the interface's
 */
export function cardStanding(stations: StationAssessments, action: ActionId | null, finishedAt: string | null): CardStanding {
  if (finishedAt !== null || action !== null) {
    const end = endReached(stations, finishedAt);
    if (end !== null) return { kind: "ended", end, stamp: stations.end.stamp === "holds" ? "holds" : "noted" };
    const { stamp } = stations.prove;
    const isProofJudged = stamp === "out" || stamp === "too-close";
    return { kind: "decided", stamp: isProofJudged ? stamp : "noted", isProofJudged };
  }
  const station = loudestStation(stations);
  if (station !== null) return { kind: "speaks", station, stamp: stations[station].stamp };
  return { kind: "under-way", done: STATION_IDS.filter((id) => stations[id].stamp !== "not-done").length };
}
