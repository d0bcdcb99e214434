import { SWING_MEANING, type CapacitorLabel, type Gone } from "../../capacitor";
import type { Facts } from "../../facts";
import type { MotorType } from "../../trade";
import type { FigureSize, Finding } from "../../diagnosis";
import type { SectionVerdict } from "./section";

/** Below half the low limit (or half as much again above the high one) is a dead part, not a drifted one. */
const FAR_BELOW = 0.5;
const FAR_ABOVE = 1.5;

/** How far beyond its limit a part is, on the way to a dead one: 0 at the limit, 1 there. */
function beyondShare(capacitanceUf: number, { lowUf, highUf }: { readonly lowUf: number; readonly highUf: number }): number {
  const below = (lowUf - capacitanceUf) / (lowUf * (1 - FAR_BELOW));
  const above = (capacitanceUf - highUf) / (highUf * (FAR_ABOVE - 1));
  return Math.min(1, Math.max(0, below, above));
}

/** How far beyond its limit a part reads, over that limit; below zero: so far inside. [-] */
const beyondLimit = (uf: number, { lowUf, highUf }: { readonly lowUf: number; readonly highUf: number }): number =>
  Math.max((lowUf - uf) / lowUf, (uf - highUf) / highUf);

/** Out, as one reads that is a little way out: the rest is left to whoever says that it stands. */
const LOOKS_LIKE_A_SLIP: FigureSize = { of: "capacitor-beyond", at: 0.06, spread: 0.02 };

type About = NonNullable<Finding["about"]>;
export const aboutOf = (kind: CapacitorLabel["kind"]): About => (kind === "run" ? "run-capacitor" : "start-capacitor");

/**
 * What one section tells the line-up: one finding, by the surest method, since all methods look at one value. A figure
 * that straddles a limit splits its weight by the chance of either side.
 */
export function findingsOfSection(verdict: SectionVerdict, kind: CapacitorLabel["kind"]): Finding[] {
  const about = aboutOf(kind);
  const { joint, limits } = verdict;
  if (verdict.contradictions.length > 0) return [];
  // A tenth of what it should read is a dead part or a lost point: it counts, though not as what is sure.
  if (verdict.slips.meter && limits && (verdict.readingUf ?? limits.lowUf) < limits.lowUf)
    return [{ test: "capacitor-meter", about, weights: { holds: 0.1, out: 0.9 }, sizes: [LOOKS_LIKE_A_SLIP] }];
  if (joint && limits) {
    const { probabilityWithin: p } = joint.conformity;
    const far = beyondShare(joint.capacitanceUf, limits);
    const weights = { holds: p, ...(far < 1 ? { out: (1 - p) * (1 - far) } : {}), ...(far > 0 ? { "far-out": (1 - p) * far } : {}) };
    const sizes: readonly FigureSize[] = [
      {
        of: verdict.running ? "capacitor-beyond-running" : "capacitor-beyond",
        at: beyondLimit(joint.capacitanceUf, limits),
        spread: joint.standardUncertaintyUf / limits.lowUf,
      },
    ];
    return [verdict.running ? { test: "capacitor-running", about, weights, sizes } : { test: "capacitor-meter", about, weights, sizes }];
  }
  if (verdict.overLimit === "shorted") return [{ test: "capacitor-meter", about, weights: { shorted: 1 } }];
  return verdict.swing ? [{ test: "capacitor-swing", about, weights: { [SWING_MEANING[verdict.swing.behaviour]]: 1 } }] : [];
}

/**
 * What the sections of one part tell of this motor: the one that feeds it. The other of a dual feeds another motor and
 * accuses nobody here; where nobody can say which is which, only what they agree on counts.
 */
export function findingsOfPart(sections: readonly SectionVerdict[], own: number | null, kind: CapacitorLabel["kind"]): Finding[] {
  const mine = own === null ? undefined : sections[own];
  if (mine) return findingsOfSection(mine, kind);
  const all = sections.map((section) => findingsOfSection(section, kind));
  const isHolding = sections.every(({ joint }) => joint?.conformity.decision === "holds");
  return isHolding ? (all[0] ?? []) : [];
}

/** Types that need a capacitor, and which one they miss where there is none. */
const NEEDED: Readonly<Partial<Record<MotorType, About>>> = {
  psc: "run-capacitor",
  "cap-start": "start-capacitor",
  "cap-start-run": "run-capacitor",
};

/** Whether a capacitor belongs to this motor, by its type or its plate. */
export const shouldHaveOne = ({ motorType, plateCapacitor }: Pick<Facts, "motorType" | "plateCapacitor">): boolean =>
  NEEDED[motorType] !== undefined || plateCapacitor !== null;

/** A capacitor that is not there, or is bridged, on a motor that needs one: a finding by itself, which no meter adds to. */
export function findingsOfGone(gone: Gone, facts: Pick<Facts, "motorType" | "plateCapacitor">): Finding[] {
  const about = facts.plateCapacitor ? aboutOf(facts.plateCapacitor.kind) : NEEDED[facts.motorType];
  // Where the type is not known, one that somebody took out or bridged was there; that none is fitted may be as it should.
  if (about === undefined && gone === "none-fitted") return [];
  return [{ test: "capacitor-meter", weights: { [gone === "bridged" ? "bridged" : "missing"]: 1 }, ...(about ? { about } : {}) }];
}
