import type { Facts } from "../facts";
import { asksFrame, doneAt, END_TABLE, isWork, OPENS_THE_MOTOR, readAt, type JobState } from "../job";
import type { ActionId } from "../trade";
import type { StationAssessments, StationEntries } from "./entries";

/** Works that were decided and change something. */
const worksOf = ({ action, also }: Facts): readonly ActionId[] =>
  [action, also].filter((each): each is ActionId => each !== null && isWork(each));

/** The last moment at which leads, windings or motor were handled, ISO 8601; null: they were not. */
function handledAt({ "take-apart": apart }: StationEntries, { worksDone, isApart }: Facts): string | null {
  const closedAt = isApart ? null : (apart?.data.closedAt ?? null);
  const moments = worksDone.filter(({ work }) => asksFrame(work)).map(({ at }) => at);
  return [...moments, ...(closedAt === null ? [] : [closedAt])].sort().at(-1) ?? null;
}

/** Nobody measured to the frame since leads, windings or motor were handled. */
function isFrameOpen(entries: StationEntries, stations: StationAssessments, facts: Facts): boolean {
  const since = handledAt(entries, facts);
  if (since === null || stations.frame.stamp === "skipped") return false;
  const moments = [...readAt(entries.frame?.data), ...readAt(entries.insulation?.data)];
  return moments.every((at) => at <= since);
}

/**
 * Where the job of a card stands, for the order of the hands after the tests.
 * @param entries what was keyed at each station
 * @param stations what each station makes of it
 * @param facts what is known of the motor
 * @returns what is decided, to do, open, to be measured and to be shown
 */
export function jobState(entries: StationEntries, stations: StationAssessments, facts: Facts): JobState {
  const { end, isChosen, lacks } = stations.end.detail;
  const spec = isChosen && end !== null ? END_TABLE[end] : null;
  const works = worksOf(facts);
  const isProved = stations.prove.stamp !== "not-done" && stations.prove.stamp !== "skipped";
  // A proof shows what was decided before it, and nothing that was decided since.
  const isShown = isProved && !(facts.provedAt !== null && facts.decidedAt !== null && facts.decidedAt > facts.provedAt);
  // What was done before a proof that spoke against it is not what was decided since, though it has the same name.
  const counted = isProved && !isShown ? facts.worksDone.filter(({ at }) => at > (facts.provedAt ?? "")) : facts.worksDone;
  const { works: exchanges } = stations["out-in"].detail;
  /** a part that is named, or a work of which nothing is noted, while nothing shows that it was done */
  const isOpen = (action: ActionId): boolean => {
    if (doneAt(action, counted) !== null) return false;
    const exchange = exchanges.find((each) => each.action === action);
    if (exchange?.isOnOrder) return false;
    const isNamed = exchange !== undefined && exchange.lacks.length > 0 && stations["out-in"].stamp === "open";
    return isNamed || !isShown;
  };
  const isWorking = spec === null || spec.isWorkDone;
  const isToDo = isWorking && works.some(isOpen) && stations["out-in"].stamp !== "skipped";
  const needsProof = end !== null && END_TABLE[end].needs.some((need) => need === "proof" || need === "idle-proof");
  const isProofMissing = needsProof && (lacks.includes("proof") || lacks.includes("idle-proof"));
  const isWaiting = isOnlyWaiting(works, exchanges);
  return {
    isDecided: stations.decide.stamp !== "not-done" || (spec?.needsNoDecision ?? false),
    power: facts.power,
    isToDo,
    isToOpen: works.some((action) => OPENS_THE_MOTOR.includes(action)) && stations["take-apart"].stamp === "not-done",
    isApart: facts.isApart && (spec === null || spec.needs.includes("closed")),
    isGoingBack: stations["take-apart"].detail.walk.some(({ backAt }) => backAt !== null),
    isFrameOpen: isWorking && !isShown && isFrameOpen(entries, stations, facts),
    isInsulationOpen: isWorking && !isShown && doneAt("dry-out", facts.worksDone) !== null && stations.insulation.stamp === "noted",
    isToProve: isProofMissing && !isWaiting && stations.prove.stamp !== "skipped",
  };
}

/** Nothing that was decided is in: the part is on order. */
const isOnlyWaiting = (
  works: readonly ActionId[],
  exchanges: readonly { readonly action: ActionId; readonly isOnOrder: boolean }[],
): boolean => works.length > 0 && works.every((work) => exchanges.some(({ action, isOnOrder }) => action === work && isOnOrder));
