import type { ActionId } from "@/core/trade";
import type { TravellerAssessment } from "@/core/traveller";
import { claimsOf, type Claim } from "@/core/claim";
import { rememberStudy } from "@/core/study";
import { studyNow } from "@/core/study/answer";
import { chanceFrom, hiddenCase, judgeAction, type ActionVerdict } from "@/core/simulation";
import { assess, startJob, tell, type Job } from "@/core/technicians/job";
import { paperFaults } from "./papers";
import { unsafeSends, type Broken } from "./rules";
import { isDone, TECHNICIANS } from "@/core/technicians/technicians";
import { isSo } from "./truth";

const MOST_STEPS = 70;

/** A claim with its chance, and whether it was so. */
export interface Hedged {
  readonly code: Claim["code"];
  readonly about: string;
  readonly chance: number;
  readonly isSo: boolean;
}

/** What came of one job. */
export interface Walked {
  readonly job: Job;
  readonly broken: readonly Broken[];
  readonly hedged: readonly Hedged[];
  /** the first decision against the truth; null: none was made */
  readonly first: (ActionVerdict & { readonly action: ActionId; readonly minutes: number }) | null;
  /** a figure that was keyed wrong went through unasked */
  readonly slipsThrough: number;
  readonly outright: number;
}

const keyOf = ({ code, what }: Broken): string => `${code} ${what}`;

/** What the card thinks at a step: who may be at fault, what is worth doing, and what comes next. */
function thoughts({ next, standing, actions }: TravellerAssessment): string {
  const percent = (chance: number): string => `${Math.round(100 * chance)}`;
  const who = standing.suspects.slice(0, 5).map(({ suspect, probability }) => `${suspect} ${percent(probability)}`);
  const ways = actions
    .slice(0, 3)
    .map(
      ({ action, also, cost, cureProbability }) => `${action}${also ? `+${also}` : ""} ${Math.round(cost)} (${percent(cureProbability)})`,
    );
  const offers = next.kind === "move" ? (next.move.kind === "decide" ? next.move.others : [next.move.offer, ...next.move.others]) : [];
  const worth = offers.slice(0, 4).map(({ test }) => test);
  return `   ${next.kind}${next.kind === "move" ? `/${next.move.kind}` : ""} ${next.station} | ${who.join(", ")} | ${ways.join(", ")} | ${worth.join(",")}`;
}

/**
 * Takes one job from the open line to its end.
 * @param seed of the motor and of everything drawn
 * @param name which technician; absent: as the seed has it
 * @param hasThoughts what the card thinks at each step is told as well
 * @returns what was said, done, and broken
 */
export function walkJob(seed: number, name?: string, hasThoughts = false): Walked {
  const draw = chanceFrom(seed * 53 + 29);
  const policy = name ?? draw.weighed(Object.entries(TECHNICIANS).map(([id, { share }]) => [id, share] as const));
  const hidden = hiddenCase(seed, null, "wide");
  const job = startJob(seed, policy, hidden, rememberStudy(studyNow));
  const broken = new Map<string, Broken>();
  const note = (found: readonly Broken[]): void => {
    for (const each of found)
      if (!broken.has(keyOf(each))) broken.set(keyOf(each), { ...each, what: `${each.what} (minute ${Math.round(job.minutes)})` });
  };
  const hedged: Hedged[] = [];
  let first: Walked["first"] = null;
  let slipsThrough = 0;
  let outright = 0;
  const said = new Set<string>();
  let assessment = assess(job);
  const listen = (): void => {
    for (const claim of claimsOf(assessment)) {
      if (claim.chance !== null) continue;
      const so = isSo(claim, job);
      const name = `${claim.code} ${claim.about ?? ""}`;
      if (!said.has(name)) outright += 1;
      said.add(name);
      if (so !== false) continue;
      if (job.slipped.has(claim.station)) slipsThrough += 1;
      else note([{ code: `false: ${claim.code}`, what: claim.about ?? "" }]);
    }
    note(unsafeSends(job, assessment));
  };
  const weigh = (): void => {
    for (const { code, about, chance, ...claim } of claimsOf(assessment)) {
      const so = chance === null ? null : isSo({ code, about, chance, ...claim }, job);
      if (chance !== null && so !== null) hedged.push({ code, about: about ?? "", chance, isSo: so });
    }
  };
  try {
    for (;;) {
      if (isDone(assessment, job)) break;
      job.steps += 1;
      if (job.steps > MOST_STEPS) {
        note([{ code: "no-end", what: `${assessment.next.kind} ${assessment.next.station}` }]);
        break;
      }
      const before = job.decided.length;
      const goesOn = (TECHNICIANS[policy]?.acts ?? (() => false))(job, assessment);
      if (!goesOn) {
        note([{ code: "stuck", what: `${assessment.next.kind} ${assessment.next.station}` }]);
        break;
      }
      if (job.decided.length > before && before === 0) {
        weigh();
        const action = job.decided[0] as ActionId;
        const also = assessment.actions.find((each) => each.action === action)?.also ?? null;
        first = { ...judgeAction(job.hidden, action, also), action, minutes: job.minutes };
      }
      assessment = assess(job);
      if (hasThoughts) tell(job, thoughts(assessment));
      listen();
    }
    note(paperFaults(job, assessment));
  } catch (error) {
    note([{ code: "threw", what: error instanceof Error ? `${error.message} ${error.stack?.split("\n")[1] ?? ""}` : String(error) }]);
  }
  return { job, broken: [...broken.values()], hedged, first, slipsThrough, outright };
}
