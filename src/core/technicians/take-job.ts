import type { HiddenCase } from "../simulation";
import { judgeAction } from "../simulation";
import type { Study } from "../study";
import type { ActionId } from "../trade";
import { assess, startJob } from "./job";
import { isDone, TECHNICIANS } from "./technicians";

/** How a case went for one technician. */
export interface OthersWay {
  readonly technician: string;
  /** to its end */
  readonly minutes: number;
  /** to the first decision; null: none was made */
  readonly decidedMinutes: number | null;
  /** the first decision was right */
  readonly isRight: boolean;
  readonly decided: readonly ActionId[];
}

const MOST_STEPS = 60;

/**
 * Lets a technician take a case from the first word to its end.
 * @param hidden the motor with what is hidden in it
 * @param technician which of them
 * @param study who answers long questions
 * @returns how it went, in minutes
 */
export function takeJob(hidden: HiddenCase, technician: string, study: Study): OthersWay {
  const job = startJob(hidden.seed, technician, hidden, study);
  const acts = TECHNICIANS[technician]?.acts ?? (() => false);
  let isRight: boolean | null = null;
  let decidedMinutes: number | null = null;
  for (let assessment = assess(job); job.steps < MOST_STEPS && !isDone(assessment, job); assessment = assess(job)) {
    job.steps += 1;
    const before = job.hidden;
    if (!acts(job, assessment)) break;
    const [action] = job.decided;
    if (isRight === null && action) {
      const also = assessment.actions.find((each) => each.action === action)?.also ?? null;
      isRight = judgeAction(before, action, also).isRight;
      decidedMinutes = Math.round(job.minutes);
    }
  }
  return { technician, minutes: Math.round(job.minutes), decidedMinutes, isRight: isRight ?? false, decided: job.decided };
}
