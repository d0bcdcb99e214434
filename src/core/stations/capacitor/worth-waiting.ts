import type { SectionVerdict } from "./section";

/** Below this chance of being within limits a part is not left in to look again. Judgement. */
const WORTH_WAITING = 0.25;

/** Whether a part that is too close to call may be left in for now: it is about as likely good as not. */
export const isWorthWaiting = ({ joint }: SectionVerdict): boolean =>
  joint?.conformity.decision !== "too-close" || joint.conformity.probabilityWithin >= WORTH_WAITING;
