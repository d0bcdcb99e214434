import type { SetAside } from "../job";
import type { Finding } from "../diagnosis";
import type { Facts } from "../facts";
import type { Assessment } from "../station";
import { STATION_IDS, type CardFacts, type StationId } from "../stations";

/** What one station hands on to those after it. */
export interface HandedOn {
  readonly facts: Partial<Facts>;
  readonly findings: readonly Finding[];
  /** worked, or skipped with a reason */
  readonly isWorked: boolean;
}

/**
 * What every station handed on, so that one of them can be assessed again alone: on a screen, while the whole card is assessed
 * away from it.
 */
export interface Ground {
  /** facts that stand whatever the stations say */
  readonly early: CardFacts;
  readonly stations: { readonly [Id in StationId]: HandedOn };
}

/**
 * A station that was not worked and was skipped with a reason has that for its stamp.
 * @param assessment what the station makes of its record
 * @param skippedReason why it was skipped; null: it was not
 * @returns the assessment with its stamp
 */
export const stamped = <Own extends Assessment>(assessment: Own, skippedReason: string | null | undefined): Own =>
  skippedReason != null && assessment.stamp === "not-done" ? { ...assessment, stamp: "skipped" } : assessment;

const DECIDED: readonly Assessment["stamp"][] = ["holds", "out"];

/**
 * A station that was read several times at one time: where one reading holds and another is out, they contradict one another.
 * @param assessment what the station makes of the record in hand
 * @param rounds what was set aside, the oldest first, each as it was judged
 * @returns the assessment, with the stamp of all readings of its time
 */
export function amongRepeats<Own extends Assessment>(
  assessment: Own,
  rounds: readonly { readonly why: SetAside; readonly assessment: Assessment }[],
): Own {
  const ofNow = rounds.slice(rounds.findLastIndex(({ why }) => why === "work") + 1).filter(({ why }) => why === "repeat");
  const isDisputed =
    DECIDED.includes(assessment.stamp) && ofNow.some(({ assessment: { stamp } }) => DECIDED.includes(stamp) && stamp !== assessment.stamp);
  return isDisputed ? { ...assessment, stamp: "contradicts" } : assessment;
}

/**
 * What a station hands on.
 * @param assessment its assessment, stamped
 * @param findings those of its findings that weigh: none of what was read once the part was exchanged
 * @returns facts, findings, and whether it was worked
 */
export const handedOn = ({ facts, stamp }: Assessment, findings: readonly Finding[]): HandedOn => ({
  facts,
  findings,
  isWorked: stamp !== "not-done",
});

/**
 * What a station has to go on: what was handed on by those before it, in working order.
 * @param station which station
 * @param ground what every station handed on
 * @returns facts, findings with the station they come from, and the stations that were worked
 */
export function groundBefore(
  station: StationId,
  { early, stations }: Ground,
): { readonly facts: CardFacts; readonly findings: readonly Finding[]; readonly worked: ReadonlySet<StationId> } {
  const before = STATION_IDS.slice(0, STATION_IDS.indexOf(station));
  return {
    facts: before.reduce<CardFacts>((known, id) => ({ ...known, ...stations[id].facts }), early),
    findings: before.flatMap((id) => stations[id].findings.map((finding): Finding => ({ ...finding, from: id }))),
    worked: new Set(before.filter((id) => stations[id].isWorked)),
  };
}

/**
 * What is known of the motor where one station says something else than it did when the ground was laid.
 * @param station which station
 * @param own what it states now
 * @param ground what every station handed on
 * @returns the facts of the whole card
 */
export const factsWith = (station: StationId, own: Partial<Facts>, { early, stations }: Ground): CardFacts =>
  STATION_IDS.reduce<CardFacts>((known, id) => ({ ...known, ...(id === station ? own : stations[id].facts) }), early);
