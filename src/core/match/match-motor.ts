import type { HouseFigures } from "../house";
import {
  judgeAmps,
  judgeCapacitor,
  judgeDuty,
  judgeEnclosure,
  judgeFrequency,
  judgePhase,
  judgePower,
  judgeProtection,
  judgeSpeed,
  judgeSpeeds,
  judgeVolts,
} from "./electric-lines";
import {
  ADAPTATIONS,
  gravestOf,
  type AdaptingWork,
  type LineJudge,
  type LineVerdict,
  type MatchQuestion,
  type Missing,
} from "./match-line";
import { judgeStarting } from "./starting-line";
import { judgeBearings, judgeBody, judgeLeads, judgeMount, judgeRotation, judgeShaft, judgeShaftEnds } from "./mechanical-lines";

/** Every line of a match, in the order in which plates are read. Ids also stand in reference cases. */
const MATCH_LINES = {
  volts: judgeVolts,
  frequency: judgeFrequency,
  phase: judgePhase,
  power: judgePower,
  speed: judgeSpeed,
  speeds: judgeSpeeds,
  starting: judgeStarting,
  rotation: judgeRotation,
  mount: judgeMount,
  body: judgeBody,
  shaft: judgeShaft,
  shaft_ends: judgeShaftEnds,
  enclosure: judgeEnclosure,
  duty: judgeDuty,
  bearings: judgeBearings,
  capacitor: judgeCapacitor,
  protection: judgeProtection,
  amps: judgeAmps,
  leads: judgeLeads,
} as const satisfies Record<string, LineJudge>;
export type MatchLineId = keyof typeof MATCH_LINES;
export const MATCH_LINE_IDS = Object.keys(MATCH_LINES) as MatchLineId[];

/** What a candidate comes to as a whole. Ids also stand in reference cases. */
export type MatchVerdict = "fits" | "fits-with-work" | "not-known" | "does-not-fit";

/** A candidate held against the old motor and its place. */
export interface MotorMatch {
  readonly overall: MatchVerdict;
  readonly lines: Readonly<Record<MatchLineId, LineVerdict>>;
  readonly works: readonly AdaptingWork[];
  /** to make it fit, over what fitting a motor takes anyway */
  readonly minutes: number;
  readonly materialCost: number;
  /** figures to ask for, by whose they are */
  readonly missing: readonly { readonly line: MatchLineId; readonly of: Missing }[];
}

const VERDICT_OF = { no: "does-not-fit", unknown: "not-known", can: "fits-with-work", fits: "fits", same: "fits" } as const;

/**
 * Holds one motor against another and its place, line by line: one line that does not fit refuses it, what is not known is
 * asked, what can be made to fit is counted in minutes and material.
 * @param question old motor, place and candidate
 * @param house house rules in force
 * @returns each line, the whole, and what it takes
 * @source trade rules for replacing a motor; NEMA MG 1, 12.44 for volts
 */
export function matchMotor(question: MatchQuestion, house: HouseFigures): MotorMatch {
  const lines = Object.fromEntries(MATCH_LINE_IDS.map((id) => [id, MATCH_LINES[id](question, house)])) as Record<MatchLineId, LineVerdict>;
  const works = MATCH_LINE_IDS.flatMap((id) => lines[id].works);
  const sum = (figure: (work: AdaptingWork) => number): number => works.reduce((total, work) => total + work.count * figure(work), 0);
  return {
    overall: VERDICT_OF[gravestOf(MATCH_LINE_IDS.map((id) => lines[id].fit))],
    lines,
    works,
    minutes: sum(({ what }) => houseFigure(ADAPTATIONS[what].minutes, house)),
    materialCost: sum(({ what }) => houseFigure(ADAPTATIONS[what].price, house)),
    missing: MATCH_LINE_IDS.flatMap((line) =>
      lines[line].reasons.flatMap((reason) => (reason.code === "not-known" ? [{ line, of: reason.of }] : [])),
    ),
  };
}

const houseFigure = (id: keyof HouseFigures | null, house: HouseFigures): number => (id === null ? 0 : Number(house[id]));
