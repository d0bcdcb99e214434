import type { TestId } from "../../trade";
import { defineStation, plainAssessment, type Stamp, type StationContext } from "../../station";
import { type Facts, plateCapacitorFor } from "../../facts";
import {
  compareWithPlate,
  correctLabel,
  crutchReasons,
  parseCapacitorLabel,
  type CapacitorLabel,
  type CrutchReason,
  type PartMismatch,
} from "../../capacitor";
import type { Finding } from "../../diagnosis";
import type { EffectQuestion } from "../../motor";
import { ok, type Failure, type Result } from "../../result";
import { planDischarge, type DischargePlan } from "./discharge-plan";
import { aboutOf, findingsOfPart, findingsOfSection } from "./findings";
import { effectQuestionOf } from "./effect-question";
import { ownSectionOf } from "./own-section";
import { relabelledFrom } from "./relabel";
import { BLANK_CAPACITOR, CapacitorRecordSchema, type CapacitorRecord } from "./record";
import { hasTwoParts, judgeSecond, type SecondPart } from "./second-part";
import { judgeSection, type SectionVerdict } from "./section";
import { toDay, trendOf, type Trend } from "./trend";
import { workingOfSection, workingOfTrend } from "./working";
import { capacitorMigrations } from "./migrations";

export { BLANK_CAPACITOR, type CapacitorRecord, type OverLimit } from "./record";
export type { SecondPart } from "./second-part";
export type { RunningVerdict, SectionVerdict, SwingVerdict } from "./section";
export type { DischargePlan } from "./discharge-plan";
export { keepReadings, startNewPart, typeLabel } from "./relabel";
export type { SectionContradiction } from "./section";
export type { Trend } from "./trend";
export { workingOfDischarge } from "./working";

export type CapacitorDetail =
  | { readonly state: "none-fitted" }
  | {
      readonly state: "no-label";
      readonly failure: Failure | null;
      readonly looksBad: boolean;
      /** read between posts of the board, and not judged without a label */
      readonly fromBoard: Facts["boardCapacitors"];
    }
  | {
      readonly state: "label";
      readonly label: CapacitorLabel;
      /** as read, before any correction */
      readonly read: CapacitorLabel;
      /** why a corrected part cannot be read; the label then stands as it was read */
      readonly correctionFailure: Failure | null;
      readonly looksBad: boolean;
      readonly sections: readonly SectionVerdict[];
      readonly trends: readonly Trend[];
      readonly mismatches: readonly PartMismatch[];
      /** section that feeds this motor; null where nobody can say */
      readonly ownSection: number | null;
      /** the label the readings were taken with, where another part was typed over it */
      readonly relabelledFrom: string | null;
      /** the reading was taken between two posts of the board */
      readonly fromPosts: readonly [string, string] | null;
      /** both readings of a dual fit when they are exchanged: the probe was on the other terminal */
      readonly areReadingsSwapped: boolean;
      /** terminals to put the meter on next; null when every section was read */
      readonly nextTerminals: readonly [string, string] | null;
      readonly discharge: DischargePlan;
      readonly second: SecondPart;
      /** this type of motor has two */
      readonly isSecondUsual: boolean;
      readonly crutches: readonly CrutchReason[];
      /** what to ask the machine model about the value; null: it is as it should be, or there is no model */
      readonly effectQuestion: EffectQuestion | null;
    };

/** The worst of several verdicts, for the one stamp of a station. */
const SEVERITY: readonly Stamp[] = ["out", "unsure", "contradicts", "too-close", "not-done", "noted", "holds"];
const worstStamp = (stamps: readonly Stamp[]): Stamp => SEVERITY.find((stamp) => stamps.includes(stamp)) ?? "not-done";

const WITHOUT_CAPACITOR = ["split-phase", "shaded-pole"];

/** The label as keyed, with what a person put right. */
export function readLabel(
  record: CapacitorRecord,
): Result<{ read: CapacitorLabel; label: CapacitorLabel; failure: Failure | null }, Failure> {
  const parsed = parseCapacitorLabel(record.label);
  if (!parsed.ok) return parsed;
  const corrected = correctLabel(parsed.value, record.corrections);
  return ok({ read: parsed.value, label: corrected.ok ? corrected.value : parsed.value, failure: corrected.ok ? null : corrected.failure });
}

/** A reading of either section that lies within the limits of the other, and not of its own. */
function areSwapped(sections: readonly SectionVerdict[]): boolean {
  const [a, b] = sections;
  if (sections.length !== 2 || !a?.limits || !b?.limits || a.readingUf === null || b.readingUf === null) return false;
  const isIn = (uf: number, { lowUf, highUf }: { lowUf: number; highUf: number }): boolean => lowUf <= uf && uf <= highUf;
  return isIn(a.readingUf, b.limits) && isIn(b.readingUf, a.limits) && !isIn(a.readingUf, a.limits);
}

function nextTerminals(label: CapacitorLabel, record: CapacitorRecord): readonly [string, string] | null {
  if (label.sections.length < 2) return null;
  const next = label.sections.findIndex((_, index) => !record.readings[index]?.reading);
  return next < 0 ? null : ["C", label.sections[next]?.terminal ?? `section ${next + 1}`];
}

function trendsOf(
  label: CapacitorLabel,
  sections: readonly SectionVerdict[],
  record: CapacitorRecord,
  { earlier }: StationContext,
): Trend[] {
  const toLabel = (then: CapacitorRecord): CapacitorLabel | null => {
    const found = readLabel(then);
    return found.ok ? found.value.label : null;
  };
  return sections.map(({ limits, meter }, index) => {
    const at = record.readings[index]?.reading?.at;
    const present = meter && at !== undefined ? { ...meter, at, day: toDay(at) } : null;
    return limits ? trendOf({ index, label, limits }, earlier, present, toLabel) : { earlier: [], presentDay: 0, drift: null };
  });
}

/** What the motor's own section came to; a dual part's other section feeds another motor. */
function runFacts(label: CapacitorLabel, sections: readonly SectionVerdict[], own: number | null): Partial<Facts> {
  const section = own === null ? undefined : sections[own];
  if (label.kind !== "run" || !section) return {};
  const { joint, running } = section;
  return {
    capacitorFoundUf: joint?.capacitanceUf ?? null,
    capacitorRunning: running ? { amps: running.amps, volts: running.volts } : null,
  };
}

/** The running method is worth proposing where the cold figure cannot decide; the cold meter while nothing was read. */
function openTestsOf(sections: readonly SectionVerdict[], stamp: Stamp, isSecondMissing: boolean): readonly TestId[] {
  const isUndecided = sections.some(({ joint, running }) => joint?.conformity.decision === "too-close" && running === null);
  // The other part is read whatever the first came to.
  const other: readonly TestId[] = isSecondMissing ? ["capacitor-meter"] : [];
  if (isUndecided && sections.every(({ running }) => running === null)) return [...other, "capacitor-running"];
  // A part the meter cannot reach is measured another way.
  if (sections.some(({ overLimit, swing, running }) => overLimit === "beyond-range" && swing === null && running === null))
    return [...other, "capacitor-swing", "capacitor-running"];
  return stamp === "not-done" || stamp === "unsure" || isSecondMissing ? ["capacitor-meter"] : [];
}

/** A start part larger than the plate's starts the motor all the same: it speaks for itself far less than a wrong run part. Judgement. */
const LARGER_START: NonNullable<Finding["measured"]> = { "start-capacitor": 1, "no-fault": 1 / 3 };

/** A wrong part that measures well is still the wrong part. */
function wrongPartFinding({ kind }: CapacitorLabel, mismatches: readonly PartMismatch[]): Finding {
  const isLarger = mismatches.every((each) => each.code === "wrong-value" && Math.max(...each.fittedUf) > Math.max(...each.askedUf));
  return {
    test: "capacitor-meter",
    about: aboutOf(kind),
    weights: { out: 1 },
    ...(kind === "start" && isLarger ? { measured: LARGER_START } : {}),
  };
}

/** Below this chance of being within limits a part is not left in to look again. Judgement. */
const WORTH_WAITING = 0.25;

/** Whether a part that is too close to call may be left in for now: it is about as likely good as not. */
export const isWorthWaiting = ({ joint }: SectionVerdict): boolean =>
  joint?.conformity.decision !== "too-close" || joint.conformity.probabilityWithin >= WORTH_WAITING;

/** A reading taken between two posts of the board counts for a part with one section that was not read by itself. */
function boardReading(record: CapacitorRecord, { boardCapacitors }: Facts): Facts["boardCapacitors"][number] | null {
  const [only, ...others] = boardCapacitors;
  const parsed = parseCapacitorLabel(record.label);
  const isSingle = parsed.ok && parsed.value.sections.length === 1;
  return only && others.length === 0 && isSingle && !record.readings.some((each) => each !== null) ? only : null;
}

/** Capacitor by meter, running and swing, against its label and against the plate. */
export const capacitorStation = defineStation({
  definition: {
    id: "capacitor",
    power: "dead",
    reads: ["capacitor"],
    minutes: 3,
    tests: ["capacitor-meter", "capacitor-running", "capacitor-swing"],
    needs: "capacitor",
    cautions: ["stored-charge", "oil-filled-can"],
    methods: [
      { id: "meter", power: "dead", tests: ["capacitor-meter"], cautions: ["stored-charge", "mark-wires", "oil-filled-can"] },
      { id: "running", power: "live", tests: ["capacitor-running"], cautions: ["line-voltage", "moving-parts"] },
      { id: "swing", power: "dead", tests: ["capacitor-swing"], cautions: ["stored-charge", "mark-wires"] },
      { id: "discharge", power: "dead", tests: [], cautions: ["stored-charge", "prove-dead"] },
      { id: "start-parts", power: "either", tests: [], cautions: ["local-codes"] },
    ],
  },
  schema: CapacitorRecordSchema,
  blank: BLANK_CAPACITOR,
  migrations: capacitorMigrations,
  lasts: ({ label, corrections }) => ({ label, corrections }),
  assess(keyed, context) {
    const { facts } = context;
    const fromBoard = boardReading(keyed, facts);
    const record = fromBoard ? { ...keyed, readings: [fromBoard.entry] } : keyed;
    const looksBad = record.looksBad === true;
    const seen: Finding[] = looksBad && !facts.isCapacitorDamaged ? [{ test: "look", weights: { "capacitor-damaged": 1 } }] : [];
    const found = readLabel(record);
    if (!found.ok) {
      const isEmpty = found.failure.code === "label-empty";
      if (isEmpty && !looksBad && WITHOUT_CAPACITOR.includes(facts.motorType))
        return plainAssessment<CapacitorDetail>("noted", { state: "none-fitted" });
      return plainAssessment<CapacitorDetail>(
        looksBad ? "out" : "not-done",
        { state: "no-label", failure: isEmpty ? null : found.failure, looksBad, fromBoard: facts.boardCapacitors },
        { findings: seen, openTests: looksBad ? [] : ["capacitor-meter"] },
      );
    }
    const { label } = found.value;
    const relabelled = relabelledFrom(record);
    // Readings of another part say nothing of this one until a person says that it is the same.
    const judged = relabelled === null ? record : { ...BLANK_CAPACITOR, label: record.label, corrections: record.corrections };
    const sections = label.sections.map((_, index) => judgeSection(label, index, judged, context));
    const own = ownSectionOf(label, record.feeds, facts);
    const trends = trendsOf(label, sections, record, context);
    const asked = plateCapacitorFor(facts, label.kind);
    const mismatches = asked ? compareWithPlate(asked, label, record.feeds) : [];
    const discharge = planDischarge(record, label, context);
    // A wrong part that measures well is still the wrong part.
    const second = judgeSecond(record, context);
    const stamps = [...sections.map((s) => s.stamp), ...(second.state === "label" ? [second.section.stamp] : [])];
    const stamp: Stamp = relabelled !== null ? "unsure" : looksBad || mismatches.length > 0 ? "out" : worstStamp(stamps);
    const isSecondMissing = hasTwoParts(context) && (second.state !== "label" || second.section.stamp === "not-done");
    const isWrong = mismatches.some(({ code }) => code !== "lower-volts");
    const wrong = wrongPartFinding(label, mismatches);
    const detail: CapacitorDetail = {
      state: "label",
      label,
      read: found.value.read,
      correctionFailure: found.value.failure,
      looksBad,
      sections,
      trends,
      mismatches,
      ownSection: own,
      relabelledFrom: relabelled,
      fromPosts: fromBoard?.posts ?? null,
      areReadingsSwapped: areSwapped(sections),
      nextTerminals: nextTerminals(label, record),
      discharge,
      second,
      isSecondUsual: hasTwoParts(context),
      effectQuestion: effectQuestionOf(label, sections, own, context),
      crutches: crutchReasons({
        complaints: facts.complaints,
        machineKind: facts.machineKind,
        supplyV: null,
        plateV: facts.supplyV,
        isRunCapacitorOut: label.kind === "run" && stamp === "out",
      }),
    };
    return plainAssessment<CapacitorDetail>(stamp, detail, {
      facts: { fittedCapacitor: label, ...runFacts(label, sections, own) },
      findings: [
        ...seen,
        ...(isWrong ? [wrong] : findingsOfPart(sections, own, label.kind)),
        ...(second.state === "label" ? findingsOfSection(second.section, second.label.kind) : []),
      ],
      openTests: openTestsOf(sections, stamp, isSecondMissing),
      due:
        stamp === "too-close" && context.house.tooCloseReplace === "leave" && sections.every(isWorthWaiting)
          ? [{ kind: "recheck-capacitor", when: { after: null, days: context.house.recheckDays } }]
          : [],
      working: [
        ...sections.flatMap((section, index) => workingOfSection(section, record.readings[index] ?? null, context.house)),
        ...trends.flatMap(workingOfTrend),
      ],
    });
  },
});
