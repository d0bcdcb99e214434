import type { ActionId, TestId } from "../trade";
import { isOnMachine, TEST_TABLE } from "../diagnosis";

import { STATION_IDS, stationOf } from "../stations";
import { isReadyToFinish, stationForTest, type TravellerAssessment } from "../traveller";
import { decide, measure, mend, open } from "./acts";
import { key, recordOf, repeat, skip, tell, type Job } from "./job";
import { askedAgain, slip } from "./slips";

import { atPower, decideFirst, follow, test, type Technician } from "./follow";

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
