import type { Stamp } from "../../station";
import type { Finding } from "../../diagnosis";
import { isNoPathClass, type BoardAnswer, type BoardUnderstanding, type ElementClass, type ThreeLeadAnswer } from "../../winding";
import type { UsualOhms } from "../../motor";
import type { SHELL_FEELS } from "./record";

type ShellFeel = (typeof SHELL_FEELS)[number];
type Weights = Extract<Finding, { test: "winding-ohms" }>["weights"];
type Outcome = keyof Weights;

/** What three readings come to, for the line-up; an open lead without a mark may be any of three. */
const THREE: Record<ThreeLeadAnswer["kind"], { readonly stamp: Stamp; readonly weights: Weights | null }> = {
  "need-more": { stamp: "not-done", weights: null },
  named: { stamp: "holds", weights: { good: 1 } },
  "order-unclear": { stamp: "too-close", weights: { good: 1 } },
  "common-unclear": { stamp: "too-close", weights: null },
  "digit-unclear": { stamp: "too-close", weights: { good: 1 } },
  "sum-off": { stamp: "contradicts", weights: null },
  "impossible-open": { stamp: "contradicts", weights: null },
  "lead-open": { stamp: "out", weights: { "common-open": 1, "main-open": 1, "start-open": 1 } },
  // One open winding leaves a pair that reads: three without a path are a meter, a plug, a tip on varnish.
  "all-open": { stamp: "unsure", weights: null },
  shorted: { stamp: "out", weights: { shorted: 1 } },
  "all-near-zero": { stamp: "too-close", weights: null },
};
const OPEN_ROLE = { common: "common-open", run: "main-open", start: "start-open" } as const;

export function stampOfThree(answer: ThreeLeadAnswer): Stamp {
  if (answer.kind === "named" && answer.sum.decision !== "holds") return "too-close";
  // Equal on purpose is no doubt about the windings.
  if (answer.kind === "order-unclear" && answer.equalChance > 0.5) return "noted";
  return THREE[answer.kind].stamp;
}

/** What is left where one of three is open: the main winding alone, the start winding alone, or both in a row. */
const LEFT_OF: Record<keyof UsualOhms, Outcome> = { main: "start-open", start: "main-open", both: "common-open" };
/** The motor is not its plate's average: what its ohms speak for never convicts beyond this ratio. */
const LEAST_BY_OHMS = 0.05;
/** A protector burnt open, or an open common lead, is left. Judgement. */
const OPEN_WHEN_COOL = 0.4;
/** On a hot shell it is what opens by design, and closes again. Judgement. */
const OPEN_WHEN_HOT = 20;

/** One open lead without a mark may be any of three; the ohms of the pair that reads say which the likelier, where the plate is known. */
function weightsByOhms(ohm: number, usual: UsualOhms | null, shell: ShellFeel | null): Weights {
  // A protector that opened on heat has closed again once the shell is cool.
  const common = shell === "cool" ? OPEN_WHEN_COOL : shell === "hot" ? OPEN_WHEN_HOT : 1;
  const heaviest = Math.max(1, common);
  if (usual === null || !(ohm > 0)) return { "main-open": 1 / heaviest, "start-open": 1 / heaviest, "common-open": common / heaviest };
  const logs = (Object.keys(LEFT_OF) as (keyof UsualOhms)[]).map((left) => {
    const { middle, logSd } = usual[left];
    return [LEFT_OF[left], Math.exp(-0.5 * (Math.log(ohm / middle) / logSd) ** 2) / logSd] as const;
  });
  const most = Math.max(...logs.map(([, weight]) => weight));
  return Object.fromEntries(
    logs.map(([outcome, weight]) => [
      outcome,
      (Math.max(LEAST_BY_OHMS, weight / most) * (outcome === "common-open" ? common : 1)) / heaviest,
    ]),
  );
}

/**
 * @param usual ohms a motor of this plate usually has; null: the plate does not say enough
 * @param shell how the shell felt; null: nobody felt it
 */
export function findingsOfThree(answer: ThreeLeadAnswer, usual: UsualOhms | null, shell: ShellFeel | null): Finding[] {
  const weights =
    answer.kind !== "lead-open"
      ? THREE[answer.kind].weights
      : answer.role !== null
        ? { [OPEN_ROLE[answer.role]]: 1 }
        : weightsByOhms(answer.ohm, usual, shell);
  return weights ? [{ test: "winding-ohms", weights }] : [];
}

/** What an open element of each class means for the windings; a switch or a capacitor has its own station. */
const OPEN_CLASS: Partial<Record<ElementClass, Outcome>> = {
  main: "main-open",
  half: "main-open",
  section: "main-open",
  coil: "main-open",
  aux: "start-open",
  protector: "common-open",
  link: "common-open",
};

/** What an answer says of the windings; null where its fault is one of another station (a grounded post, a capacitor, a switch). */
function outcomeOf({ structure: { fault, layout } }: BoardAnswer): Outcome | null {
  if (fault === null) return "good";
  if (fault.kind === "ground") return null;
  const cls = layout.elements[fault.element]?.cls ?? "main";
  if (isNoPathClass(cls)) return null;
  return fault.kind === "short" ? "shorted" : (OPEN_CLASS[cls] ?? null);
}

const totalOf = (answers: readonly BoardAnswer[]): number => answers.reduce((sum, { probability }) => sum + probability, 0);

/** Answers agree that it is sound, or that something is wrong, when so much of their chance does. */
const AGREED = 0.85;

/**
 * What the answers that are left mean for the line-up. Sound and faulty ones are never mixed: a board that may be sound
 * accuses no winding.
 */
export function findingsOfBoard({ state, answers, canBeSound }: BoardUnderstanding): Finding[] {
  if (!["settled", "likely", "cannot-tell"].includes(state)) return [];
  const faulty = answers.filter(({ structure }) => structure.fault !== null);
  const [faultyShare, all] = [totalOf(faulty), totalOf(answers)];
  if (faultyShare < (1 - AGREED) * all) return [{ test: "winding-ohms", weights: { good: 1 } }];
  if (faultyShare < AGREED * all || canBeSound) return [];
  const weights: Partial<Record<Outcome, number>> = {};
  for (const answer of faulty) {
    const outcome = outcomeOf(answer);
    if (outcome) weights[outcome] = (weights[outcome] ?? 0) + answer.probability;
  }
  const grounded = totalOf(faulty.filter(({ structure }) => structure.fault?.kind === "ground"));
  return [
    ...(Object.keys(weights).length > 0 ? [{ test: "winding-ohms" as const, weights }] : []),
    ...(grounded > 0.5 ? [{ test: "frame-ohms" as const, weights: { grounded: 1 } }] : []),
  ];
}

export function stampOfBoard({ state, answers }: BoardUnderstanding): Stamp {
  const isSound = answers[0]?.structure.fault === null;
  switch (state) {
    case "empty":
    case "open":
      return "not-done";
    case "unknown":
      return "noted";
    case "contradiction":
      return "contradicts";
    case "cannot-tell":
      return "too-close";
    case "settled":
    case "likely":
      return isSound ? "holds" : "out";
  }
}
