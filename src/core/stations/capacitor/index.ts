import * as v from "valibot";
import {
  compareWithPlate,
  limitsOfSection,
  parseCapacitorLabel,
  type CapacitorLabel,
  type PartMismatch,
  type SectionLimits,
} from "../../capacitor";
import type { Finding, Outcome } from "../../diagnosis";
import { decideConformity, EntrySchema, type Conformity, type Entry } from "../../quantity";
import type { Failure } from "../../result";
import { defineStation, plainAssessment, type Stamp, type StationContext } from "../contract";
import { NoteSchema, PrintedSchema } from "../fields";
import { workingOfSection } from "./working";

const schema = v.object({
  label: PrintedSchema,
  /** one reading a section, in the order of the label */
  readings: v.pipe(v.array(v.nullable(EntrySchema)), v.maxLength(3)),
  /** at least one side disconnected when it was measured */
  isIsolated: v.nullable(v.boolean()),
  note: NoteSchema,
});
export type CapacitorRecord = v.InferOutput<typeof schema>;

export interface SectionVerdict {
  readonly limits: SectionLimits | null;
  readonly terminal: string | null;
  readonly readingUf: number | null;
  readonly isOverLimit: boolean;
  readonly conformity: Conformity | null;
  /** reading / rated */
  readonly fractionOfRated: number | null;
  readonly stamp: Stamp;
}

export type CapacitorDetail =
  | { readonly state: "none-fitted" }
  | { readonly state: "no-label"; readonly failure: Failure | null }
  | {
      readonly state: "label";
      readonly label: CapacitorLabel;
      readonly sections: readonly SectionVerdict[];
      readonly mismatches: readonly PartMismatch[];
    };

/** Below half the low limit (or half as much again above the high one) is a dead part, not a drifted one. */
const FAR_BELOW = 0.5;
const FAR_ABOVE = 1.5;

function judgeSection(label: CapacitorLabel, index: number, entry: Entry | null, { house }: StationContext): SectionVerdict {
  const section = label.sections[index];
  const limits = section ? limitsOfSection(section, label.kind, house) : null;
  const reading = entry?.reading ?? null;
  const readingUf = reading?.kind === "value" ? reading.value : null;
  const isOverLimit = reading?.kind === "over-limit";
  const base = { limits, terminal: section?.terminal ?? null, readingUf, isOverLimit };
  if (readingUf === null || limits === null) {
    return { ...base, conformity: null, fractionOfRated: null, stamp: isOverLimit ? "out" : "not-done" };
  }
  const conformity = decideConformity({
    value: readingUf,
    standardUncertainty: reading?.standardUncertainty ?? 0,
    limits: { low: limits.lowUf, high: limits.highUf },
    guardFactor: house.guardFactor,
    coverageFactor: house.coverageFactor,
  });
  return { ...base, conformity, fractionOfRated: readingUf / limits.ratedUf, stamp: conformity.decision };
}

/**
 * What one section tells the line-up. A figure that straddles a limit splits its weight by the chance of either side.
 */
function findingOf(verdict: SectionVerdict, kind: CapacitorLabel["kind"]): Finding[] {
  const about = kind === "run" ? "run-capacitor" : "start-capacitor";
  if (verdict.isOverLimit) return [{ test: "capacitor-meter", about, weights: { shorted: 1 } }];
  const { conformity, limits, readingUf } = verdict;
  if (conformity === null || limits === null || readingUf === null) return [];
  const isFar = readingUf < FAR_BELOW * limits.lowUf || readingUf > FAR_ABOVE * limits.highUf;
  const out: Outcome<"capacitor-meter"> = isFar ? "far-out" : "out";
  const p = conformity.probabilityWithin;
  return [{ test: "capacitor-meter", about, weights: { holds: p, [out]: 1 - p } }];
}

/** The worst of several verdicts, for the one stamp of a station. */
const SEVERITY: readonly Stamp[] = ["out", "too-close", "not-done", "holds"];
const worstStamp = (stamps: readonly Stamp[]): Stamp => SEVERITY.find((stamp) => stamps.includes(stamp)) ?? "not-done";

const WITHOUT_CAPACITOR = ["split-phase", "shaded-pole"];

/** Capacitor by capacitance meter, against its label and against the plate. */
export const capacitorStation = defineStation({
  definition: {
    id: "capacitor",
    power: "dead",
    minutes: 3,
    tests: ["capacitor-meter"],
    cautions: ["stored-charge", "oil-filled-can"],
  },
  schema,
  blank: { label: "", readings: [], isIsolated: null, note: "" } as CapacitorRecord,
  assess(record, context) {
    const { facts } = context;
    const parsed = parseCapacitorLabel(record.label);
    if (!parsed.ok) {
      const isEmpty = parsed.failure.code === "label-empty";
      if (isEmpty && WITHOUT_CAPACITOR.includes(facts.motorType))
        return plainAssessment<CapacitorDetail>("noted", { state: "none-fitted" });
      return plainAssessment<CapacitorDetail>("not-done", {
        state: "no-label",
        failure: isEmpty ? null : parsed.failure,
      });
    }
    const label = parsed.value;
    const sections = label.sections.map((_, index) => judgeSection(label, index, record.readings[index] ?? null, context));
    const mismatches = facts.plateCapacitor ? compareWithPlate(facts.plateCapacitor, label) : [];
    // A wrong part that measures well is still the wrong part.
    const measured = worstStamp(sections.map((s) => s.stamp));
    const stamp: Stamp = mismatches.length > 0 ? "out" : measured;
    const wrongPart: Finding[] = mismatches.some((m) => m.code !== "lower-volts")
      ? [
          {
            test: "capacitor-meter",
            about: label.kind === "run" ? "run-capacitor" : "start-capacitor",
            weights: { out: 1 },
          },
        ]
      : [];
    const findings = wrongPart.length > 0 ? wrongPart : sections.flatMap((section) => findingOf(section, label.kind));
    return plainAssessment<CapacitorDetail>(
      stamp,
      { state: "label", label, sections, mismatches },
      {
        facts: { fittedCapacitor: label },
        findings,
        working: sections.flatMap((section, index) => workingOfSection(section, record.readings[index] ?? null, context.house)),
      },
    );
  },
});
