/** Where a job stands once tests have told what they can. */
export interface JobState {
  /** something was decided, or an end was chosen that needs no decision */
  readonly isDecided: boolean;
  readonly power: "live" | "dead";
  /** what was decided is not in, or not done */
  readonly isToDo: boolean;
  /** it takes the motor apart, and nothing came off yet */
  readonly isToOpen: boolean;
  /** what came off is not all back */
  readonly isApart: boolean;
  /** some of it is back already: what goes in is in by then */
  readonly isGoingBack: boolean;
  /** leads, windings or motor were handled, and nobody measured to the frame since */
  readonly isFrameOpen: boolean;
  /** it was dried and read again, and the figure does not count yet: the tester is not proven, or something else is still joined */
  readonly isInsulationOpen: boolean;
  /** what was done has to be shown, and was not yet */
  readonly isToProve: boolean;
}

/** Steps after the tests, named by the station that makes each. */
export type OrderStep = "decide" | "make-safe" | "take-apart" | "out-in" | "frame" | "insulation" | "prove" | "end";

/** The order of the hands after a decision: the first row that holds is the step. @source practice: nothing gets power before what was decided is in */
const ORDER: readonly (readonly [OrderStep, (job: JobState) => boolean])[] = [
  ["decide", ({ isDecided }) => !isDecided],
  ["make-safe", ({ power, isToDo, isApart }) => power === "live" && (isToDo || isApart)],
  ["take-apart", ({ isToDo, isToOpen }) => isToDo && isToOpen],
  ["take-apart", ({ isApart, isGoingBack }) => isApart && isGoingBack],
  ["out-in", ({ isToDo }) => isToDo],
  ["take-apart", ({ isApart }) => isApart],
  ["make-safe", ({ power, isFrameOpen }) => power === "live" && isFrameOpen],
  ["insulation", ({ isInsulationOpen }) => isInsulationOpen],
  ["frame", ({ isFrameOpen }) => isFrameOpen],
  ["prove", ({ isToProve }) => isToProve],
  ["end", () => true],
];

/**
 * What comes next once no test is worth making: decide, power off, apart, out and in, back together, leads to the frame, power
 * and proof, and how it ends.
 * @param job where it stands
 * @returns the station of the step
 */
export const stepInOrder = (job: JobState): OrderStep => ORDER.find(([, holds]) => holds(job))?.[0] ?? "end";

/** Steps that come once what was decided is done. */
const AFTER_WORK: readonly OrderStep[] = ["frame", "insulation", "prove", "end"];

/**
 * Whether a step comes once what was decided is done.
 * @param step of the order of the hands
 * @returns false while it is to be decided, or to be done
 */
export const isAfterWork = (step: OrderStep): boolean => AFTER_WORK.includes(step);
