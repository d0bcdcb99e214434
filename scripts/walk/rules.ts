import { isWork, mendsOf } from "@/core/job";
import { TRIPS, type ActionId } from "@/core/trade";
import { stateChangeFor, type TravellerAssessment } from "@/core/traveller";
import type { Job } from "@/core/technicians/job";

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
