import type { ActionId, TestId } from "../trade";
import { isOnMachine, TEST_TABLE } from "../diagnosis";
import { isWork } from "../job";
import { STATION_IDS, stationOf, type StationId } from "../stations";
import { isReadyToFinish, stationForTest, type TravellerAssessment } from "../traveller";
import { decide, doWork, end, makeDead, makeLive, measure, mend, open, prove, takeApart } from "./acts";
import { key, recordOf, repeat, skip, tell, tick, type Job } from "./job";
import { askedAgain, slip } from "./slips";

/** What a technician does at a step; true: the job goes on. */
export type Technician = (job: Job, assessment: TravellerAssessment) => boolean;

/** Nothing of a test is done while the circuit is in the other state. */
function atPower(job: Job, needed: "dead" | "live" | "either", { facts }: TravellerAssessment): void {
  if (needed === "dead" && (job.isLive || facts.power !== "dead")) makeDead(job);
  if (needed === "live" && facts.power !== "live") makeLive(job);
}

/** Makes a test in the state it asks for. */
function test(job: Job, id: TestId, assessment: TravellerAssessment): void {
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

function decideFirst(job: Job, assessment: TravellerAssessment): void {
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
const follow: Technician = (job, assessment) => {
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

/** Tests that this motor has, and nobody made. */
const openTests = (job: Job, assessment: TravellerAssessment): readonly TestId[] =>
  STATION_IDS.flatMap((id) => {
    const { stamp, openTests: open } = assessment.stations[id];
    const own = open ?? (stamp === "not-done" ? stationOf(id).definition.tests : []);
    return own.filter((each) => !job.made.includes(each) && isOnMachine(each, job.hidden.motor.kind));
  });

const isOpening = ({ next }: TravellerAssessment): boolean => next.kind === "station";
const isDecided = ({ facts }: TravellerAssessment): boolean => facts.action !== null;

/** Power is not given by hand where the card bars it. */
const isBarred = ({ stations: { "power-back": back } }: TravellerAssessment): boolean =>
  back.detail.isGrounded || back.detail.isApart || back.detail.tripChecks.length > 0;

/** Works down the strip: every station's tests in their order, then what comes first in the line-up. */
const downTheStrip: Technician = (job, assessment) => {
  if (isOpening(assessment) || isDecided(assessment) || assessment.next.kind === "not-ours") return follow(job, assessment);
  const [next] = openTests(job, assessment).filter((id) => !(TEST_TABLE[id].power === "live" && isBarred(assessment)));
  if (!next) {
    decideFirst(job, assessment);
    return true;
  }
  test(job, next, assessment);
  return true;
};

/** Changes the capacitor before anything was measured. */
const capacitorFirst: Technician = (job, assessment) => {
  const { machine } = job.hidden.motor;
  const action: ActionId | null = machine.runCapacitor
    ? "replace-run-capacitor"
    : machine.startCapacitor
      ? "replace-start-capacitor"
      : null;
  if (isOpening(assessment) || action === null || job.decided.length > 0) return follow(job, assessment);
  decide(job, action, null);
  return true;
};

const IMPATIENCE = 0.25;
/** Decides before the tests are done, and leaves stations out. */
const impatient: Technician = (job, assessment) => {
  if (isOpening(assessment) || isDecided(assessment)) return follow(job, assessment);
  if (!job.chance.is(IMPATIENCE)) return follow(job, assessment);
  if (job.chance.is(0.5) && assessment.next.kind === "move" && assessment.next.move.kind !== "decide") {
    const where = stationForTest(assessment.next.move.offer.test);
    if (where) {
      skip(job, where.station, "no time");
      tell(job, `skipped ${where.station}`);
      return true;
    }
  }
  decideFirst(job, assessment);
  return true;
};

/** Leaves fields of the plate empty, and comes back to them later. */
const forgetful: Technician = (job, assessment) => {
  const isPlate = assessment.next.kind === "station" && assessment.next.station === "plate" && !job.keyedAt.has("plate");
  if (isPlate) {
    open(job, "plate");
    const whole = recordOf(job, "plate");
    job.slipped.set("plate", whole);
    key(job, "plate", { ...whole, amps: "", power: "", rpm: "", capacitor: "", secondCapacitor: "" });
    tell(job, "forgot most of the plate");
    return true;
  }
  const left = job.slipped.get("plate");
  if (left !== undefined && job.made.length >= 3) {
    key(job, "plate", left as object);
    job.slipped.delete("plate");
    tell(job, "came back to the plate");
    return true;
  }
  return follow(job, assessment);
};

/** Doubts what was read, and reads it once more with nothing done between. */
const doubting: Technician = (job, assessment) => {
  const before = job.made.length;
  const goesOn = follow(job, assessment);
  const last = job.made.at(-1);
  if (job.made.length === before || last === undefined || TEST_TABLE[last].power === "live" || !job.chance.is(0.5)) return goesOn;
  const where = stationForTest(last);
  if (where && last !== "capacitor-meter") {
    repeat(job, where.station);
    measure(job, last);
    tell(job, "measured once more");
  }
  return goesOn;
};

const SLIPS = 0.3;
/** Keys a figure wrong now and then; what is asked is looked at again, and mended or left. */
const slipping: Technician = (job, assessment) => {
  if (askedAgain(job, assessment)) return true;
  const before = job.made.length;
  const goesOn = follow(job, assessment);
  const last = job.made.at(-1);
  if (job.made.length > before && last !== undefined && job.chance.is(SLIPS)) slip(job, last);
  return goesOn;
};

/** Cleans contacts and measures again, or greases, before anything is decided. */
const cleaning: Technician = (job, assessment) => {
  const gear = assessment.stations["start-gear"];
  const hand = assessment.stations["hand-turn"];
  const done = recordOf(job, "out-in").done;
  if (!isDecided(assessment) && gear.stamp === "out" && done["clean-contacts"] === undefined && gear.detail.sort === "switch") {
    mend(job, "clean-contacts");
    measure(job, "switch-ohms");
    return true;
  }
  if (!isDecided(assessment) && hand.stamp === "out" && done["grease-bearings"] === undefined) {
    atPower(job, "dead", assessment);
    mend(job, "grease-bearings");
    measure(job, "hand-turn");
    return true;
  }
  return follow(job, assessment);
};

/** Decides, thinks better of it, and decides otherwise. */
const wavering: Technician = (job, assessment) => {
  const isFresh = isDecided(assessment) && job.decided.length === 1 && assessment.facts.worksDone.length === 0;
  const other = assessment.actions[1];
  if (isFresh && other && job.chance.is(0.7)) {
    decide(job, other.action, other.also);
    return true;
  }
  return follow(job, assessment);
};

/** Those who do the jobs, each with how often. */
export const TECHNICIANS: Readonly<Record<string, { readonly share: number; readonly acts: Technician }>> = {
  follows: { share: 40, acts: follow },
  "down-the-strip": { share: 10, acts: downTheStrip },
  "capacitor-first": { share: 8, acts: capacitorFirst },
  impatient: { share: 10, acts: impatient },
  forgetful: { share: 7, acts: forgetful },
  doubting: { share: 7, acts: doubting },
  slipping: { share: 8, acts: slipping },
  cleaning: { share: 5, acts: cleaning },
  wavering: { share: 5, acts: wavering },
};

export const isDone = (assessment: TravellerAssessment, job: Job): boolean => job.keyedAt.has("end") && isReadyToFinish(assessment);
