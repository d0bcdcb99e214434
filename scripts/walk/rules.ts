import { ACTION_TABLE } from "@/core/decision";
import { isWork, mendsOf } from "@/core/job";
import { MENDED_BY, type HiddenCase } from "@/core/simulation";
import { TRIPS, type ActionId } from "@/core/trade";
import { stateChangeFor, type TravellerAssessment } from "@/core/traveller";
import type { Job } from "./job";

/** A rule of the trade that a step breaks: its code, and what shows it. */
export interface Broken {
  readonly code: string;
  readonly what: string;
}

const ASKS_FRAME_FIRST = [...TRIPS, "burning-smell"] as const;

const isFrameRead = ({ stations: { frame, insulation } }: TravellerAssessment): boolean =>
  frame.stamp !== "not-done" || insulation.stamp !== "not-done";

/** Whether the next step would bring power. */
function bringsPower({ next }: TravellerAssessment): boolean {
  const method = "method" in next ? next.method : null;
  return next.kind === "listen" || stateChangeFor(next.station, "dead", method) !== null;
}

const undone = ({ facts }: TravellerAssessment): readonly ActionId[] =>
  [facts.action, facts.also].filter(
    (action): action is ActionId =>
      action !== null &&
      isWork(action) &&
      !facts.worksDone.some(({ work }) => work === action || mendsOf(action).some((mend) => mend === work)),
  );

/** Sends to power that a careful technician would refuse. */
export function unsafeSends(job: Job, assessment: TravellerAssessment): readonly Broken[] {
  const { facts, next, stations } = assessment;
  if (!bringsPower(assessment)) return [];
  const { complaints, history } = facts;
  const isFirst = facts.restoredAtAll.length === 0 && !job.made.some((test) => test === "noise");
  const asksFrame = complaints.some((each) => (ASKS_FRAME_FIRST as readonly string[]).includes(each)) || history.includes("water");
  const open = undone(assessment);
  return [
    ...(facts.isGrounded && !facts.isGroundCleared && stations.frame.stamp === "out"
      ? [{ code: "power-over-ground", what: next.station }]
      : []),
    ...(facts.isApart ? [{ code: "power-while-apart", what: next.station }] : []),
    ...(isFirst && (asksFrame || facts.purpose === "spare") && !isFrameRead(assessment)
      ? [{ code: "power-before-frame", what: next.station }]
      : []),
    ...(next.kind === "order" && open.length > 0 && stations.prove.stamp === "not-done" && stations["out-in"].stamp !== "skipped"
      ? [{ code: "power-before-work", what: `${open.join("+")} at ${next.station}` }]
      : []),
  ];
}

const mends = (action: ActionId | null, id: string): boolean => action !== null && MENDED_BY[id]?.includes(action) === true;

/** What one may do at such a motor without touching what is sound. */
const NOTHING_DONE: readonly ActionId[] = ["no-repair", "keep-until", "wait-and-retest", "refer"];
const CONDEMNS: readonly ActionId[] = ["replace-motor"];

/** How an action stands to what is wrong. */
export interface Verdict {
  /** all that is wrong is put right, and nothing else is paid for */
  readonly isRight: boolean;
  /** another motor for a fault that is mended by itself, or for none */
  readonly condemnsSound: boolean;
  /** it mends nothing that is wrong */
  readonly isUseless: boolean;
}

/** A welded shell is opened by nobody: its faults inside are handed over. */
const isInside = ({ motor }: HiddenCase, id: string): boolean =>
  motor.kind === "hermetic-compressor" &&
  MENDED_BY[id]?.includes("replace-motor") === true &&
  !/^(?:run-|start-weak|start-open$|relay-)/.test(id);

/**
 * How a decision stands to the hidden motor.
 * @param hidden as it was when it was decided
 * @param action what was decided
 * @param also done on the same visit
 */
export function judgeAction(hidden: HiddenCase, action: ActionId, also: ActionId | null): Verdict {
  const { flaws } = hidden;
  const works = [action, also].filter((each): each is ActionId => each !== null);
  const isMended = (id: string): boolean =>
    works.some((work) => mends(work, id) || (work === "refer" && (isInside(hidden, id) || hidden.motor.foreign !== undefined)));
  const isPlainly = (id: string): boolean => MENDED_BY[id]?.some((work) => work !== "replace-motor" && work in ACTION_TABLE) === true;
  const isNeeded = (work: ActionId): boolean =>
    NOTHING_DONE.includes(work)
      ? flaws.length === 0 || flaws.some(({ id }) => isMended(id))
      : flaws.some(({ id }) => mends(work, id) && !(CONDEMNS.includes(work) && isPlainly(id)));
  // Two faults are seldom seen at once: the first work is right where it puts one of them right, and nothing is paid for besides.
  const isRight =
    flaws.length === 0 ? works.every((work) => NOTHING_DONE.includes(work)) : flaws.some(({ id }) => isMended(id)) && works.every(isNeeded);
  return {
    isRight,
    condemnsSound: works.some((work) => CONDEMNS.includes(work) && !flaws.some(({ id }) => mends(work, id) && !isPlainly(id))),
    isUseless: works.some((work) => !NOTHING_DONE.includes(work) && !flaws.some(({ id }) => mends(work, id))),
  };
}
