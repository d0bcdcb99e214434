import { FAULT_KINDS } from "./fault-kinds";
import { MENDED_BY, type HandWork } from "./mends";
import { chanceFrom } from "./chance";
import { doingOf } from "./physics";
import type { Flaw, HiddenCase } from "./told";

const withFlaws = (hidden: HiddenCase, flaws: readonly Flaw[]): HiddenCase => ({
  ...hidden,
  flaws,
  ...doingOf(hidden.motor, flaws, hidden.place),
});

/** How a work turned out. */
export type HowItWent = "good" | "bad-part" | "undone";

/** What a bad part does, by the work that puts it in. */
const BAD_PART: Readonly<Partial<Record<HandWork, string>>> = {
  "replace-run-capacitor": "run-weak",
  "replace-start-capacitor": "start-weak",
  "replace-start-relay": "relay-open",
  "replace-bearings": "bearing-worn",
};

/**
 * The motor after a work: what it mends is gone; a bad part brings a flaw of its own.
 * @param hidden as it was
 * @param work what was done
 * @param outcome how it turned out
 * @returns as it is now
 */
export function worked(hidden: HiddenCase, work: HandWork, outcome: HowItWent = "good"): HiddenCase {
  if (outcome === "undone") return hidden;
  const left = hidden.flaws.filter(({ id }) => MENDED_BY[id]?.includes(work) !== true);
  const bad = outcome === "bad-part" ? FAULT_KINDS.find(({ id }) => id === BAD_PART[work]) : undefined;
  const flaw = bad && { id: bad.id, suspect: bad.suspect, body: bad.body(chanceFrom(hidden.seed + 5), hidden.motor.machine) };
  return withFlaws({ ...hidden, stalls: work === "replace-motor" ? 0 : hidden.stalls }, flaw ? [...left, flaw] : left);
}

/** From this try on a rotor that stands burns its windings. */
const HURTS_FROM = 4;
const RUN_RISE_K = 35;
const STALL_RISE_K = 25;

/**
 * The motor after it had power for a moment: what runs grows warm, what stands grows hot, and is hurt when it is tried too often.
 * @param hidden as it was
 * @returns as it is now
 */
export function powered(hidden: HiddenCase): HiddenCase {
  const { behaviour, prediction } = hidden;
  if (behaviour === "starts") return { ...hidden, riseK: Math.max(hidden.riseK, RUN_RISE_K) };
  const isStalled = (behaviour === "hums" || behaviour === "only-pushed") && (prediction.held.lineA ?? 0) > 0;
  if (!isStalled) return hidden;
  const stalls = hidden.stalls + 1;
  const hot = { ...hidden, stalls, riseK: hidden.riseK + STALL_RISE_K };
  const isHurt = stalls === HURTS_FROM && !hidden.flaws.some(({ id }) => id === "shorted-turns");
  if (!isHurt) return hot;
  const cooked: Flaw = {
    id: "shorted-turns",
    suspect: "shorted-turns",
    body: { condition: { shortedMainFraction: 0.06 }, sign: "smell-burnt" },
  };
  return withFlaws(hot, [...hidden.flaws, cooked]);
}

/**
 * The motor after it was left alone for a while.
 * @param hidden as it was
 * @returns as warm as the air around it
 */
export const cooled = (hidden: HiddenCase): HiddenCase => ({ ...hidden, riseK: 0 });
