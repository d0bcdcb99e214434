import type { ActionId, TestId } from "../trade";
import { TEST_TABLE } from "../diagnosis";
import { isWork } from "../job";
import { stationOf, type StationId } from "../stations";
import { type TravellerAssessment } from "../traveller";
import { decide, doWork, end, makeDead, makeLive, measure, open, prove, takeApart } from "./acts";
import { key, recordOf, skip, tell, tick, type Job } from "./job";

/** What a technician does at a step; true: the job goes on. */
export type Technician = (job: Job, assessment: TravellerAssessment) => boolean;

/** Nothing of a test is done while the circuit is in the other state. */
export function atPower(job: Job, needed: "dead" | "live" | "either", { facts }: TravellerAssessment): void {
  if (needed === "dead" && (job.isLive || facts.power !== "dead")) makeDead(job);
  if (needed === "live" && facts.power !== "live") makeLive(job);
}

/** Makes a test in the state it asks for. */
export function test(job: Job, id: TestId, assessment: TravellerAssessment): void {
  atPower(job, TEST_TABLE[id].power, assessment);
  measure(job, id);
}

/** The way on that stands first; one that was done already and did not help is passed over. */
function wayOn(job: Job, { actions, facts }: TravellerAssessment): { action: ActionId; also: ActionId | null } {
  const done = new Set(facts.worksDone.map(({ work }) => work));
  const offer = actions.find(({ action }) => !done.has(action) && !job.decided.includes(action)) ?? actions[0];
  return { action: offer?.action ?? "refer", also: offer?.also ?? null };
}

/** So often a technician tries another way before somebody else is asked. */
const MOST_DECISIONS = 4;

export function decideFirst(job: Job, assessment: TravellerAssessment): void {
  if (job.decided.length >= MOST_DECISIONS) return end(job, "referred");
  const { action, also } = wayOn(job, assessment);
  decide(job, action, also);
}

const undone = (job: Job, { facts }: TravellerAssessment): readonly ActionId[] =>
  [facts.action, facts.also].filter(
    (action): action is ActionId => action !== null && isWork(action) && !facts.worksDone.some(({ work }) => work === action),
  );

/** What was decided is done; where nothing is left undone, what still lacks is written. */
function workOn(job: Job, assessment: TravellerAssessment): void {
  const { facts, next } = assessment;
  // The same work decided once more is done once more.
  const again = next.kind === "order" && facts.action !== null && isWork(facts.action) ? facts.action : undefined;
  const action = undone(job, assessment)[0] ?? again;
  if (action) return doWork(job, action);
  tell(job, "nothing is left to do at out and in");
  skip(job, "out-in", "nothing went in");
}

/** Takes the proof, and once more by another work where it speaks against what was decided. */
function proveOrDecideAnew(job: Job, assessment: TravellerAssessment): void {
  const isAgainst = assessment.facts.proof === "against";
  if (isAgainst) {
    decideFirst(job, assessment);
    return;
  }
  atPower(job, "live", assessment);
  prove(job);
}

const LEAVING: Readonly<Partial<Record<ActionId, "referred" | "left-as-is" | "nothing-found">>> = {
  refer: "referred",
  "keep-until": "left-as-is",
  "wait-and-retest": "left-as-is",
  "no-repair": "nothing-found",
};

/** How it ends, with all that this end asks for. */
function endIt(job: Job, assessment: TravellerAssessment): void {
  const { detail } = assessment.stations.end;
  if (assessment.facts.proof === "against") {
    return decideFirst(job, assessment);
  }
  const { action } = assessment.facts;
  const condemned = action === "replace-motor" && assessment.facts.purpose === "spare" ? "condemned" : null;
  end(job, detail.end ?? condemned ?? (action === null ? "nothing-found" : (LEAVING[action] ?? "repaired")));
}

/** Which volts the links in the cover make. */
function lookConnection(job: Job): void {
  tick(job, 5);
  const { motor, body } = job.hidden;
  const higher = body.lineTimes === undefined ? motor.dual?.inHand === "higher" : body.lineTimes < 1;
  key(job, "plate", { picks: { ...recordOf(job, "plate").picks, connection: higher ? 1 : 0 } });
  tell(job, `connected for the ${higher ? "higher" : "lower"} volts`);
}

/** Keys a station that serves any motor. */
const SERVING: Readonly<Partial<Record<StationId, TestId>>> = {
  look: "look",
  "hand-turn": "hand-turn",
  frame: "frame-ohms",
  insulation: "insulation",
};

/** Does what the Next move says. */
export const follow: Technician = (job, assessment) => {
  const { next, stateChange, stations } = assessment;
  switch (next.kind) {
    case "station":
      if (next.station !== "complaint" && next.station !== "plate") return false;
      if (job.keyedAt.has(next.station)) skip(job, next.station, "cannot be read");
      else open(job, next.station);
      return true;
    case "listen":
      measure(job, "noise");
      return true;
    case "look-first":
      test(job, "look", assessment);
      return true;
    case "not-ours": {
      const made = SERVING[next.station];
      if (next.station === "make-safe") makeDead(job);
      else if (made) test(job, made, assessment);
      else if (next.station === "decide") decide(job, "refer", null);
      else skip(job, next.station, "not reached");
      return true;
    }
    case "look-connection":
      atPower(job, "dead", assessment);
      lookConnection(job);
      return true;
    case "before-power":
      test(job, next.test, assessment);
      return true;
    case "move":
      if (next.move.kind !== "decide") test(job, next.move.offer.test, assessment);
      else if (next.station === "take-apart") takeApart(job);
      else decideFirst(job, assessment);
      return true;
    case "order":
      if (stateChange !== null && next.station !== "make-safe") {
        if (stationOf(stateChange).definition.power === "to-dead") makeDead(job);
        else makeLive(job);
        return true;
      }
      switch (next.station) {
        case "decide":
          decideFirst(job, assessment);
          return true;
        case "make-safe":
          makeDead(job);
          return true;
        case "take-apart":
          takeApart(job);
          return true;
        case "out-in":
          workOn(job, assessment);
          return true;
        case "frame":
          test(job, "frame-ohms", assessment);
          return true;
        case "insulation":
          test(job, "insulation", assessment);
          return true;
        case "prove":
          proveOrDecideAnew(job, assessment);
          return true;
        case "end":
          if (stations.end.stamp !== "not-done" && stations.end.detail.lacks.length > 0 && job.keyedAt.has("end")) {
            tell(job, `still lacks ${stations.end.detail.lacks.join(", ")}`);
            return endLacking(job, assessment);
          }
          endIt(job, assessment);
          return true;
      }
  }
};

/** An end that lacks something gets it, or another end is chosen. */
function endLacking(job: Job, assessment: TravellerAssessment): boolean {
  const { lacks } = assessment.stations.end.detail;
  if (lacks.includes("proof") || lacks.includes("idle-proof")) {
    proveOrDecideAnew(job, assessment);
    return true;
  }
  if (lacks.includes("closed")) {
    takeApart(job);
    return true;
  }
  end(job, "referred");
  return true;
}
