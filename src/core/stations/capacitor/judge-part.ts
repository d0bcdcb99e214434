import type { Stamp, StationContext } from "../../station";
import { type Facts, plateCapacitorFor } from "../../facts";
import {
  compareWithPlate,
  correctLabel,
  crutchReasons,
  parseCapacitorLabel,
  type CapacitorLabel,
  type CrutchReason,
  type Gone,
  type PartMismatch,
} from "../../capacitor";
import type { Finding } from "../../diagnosis";
import type { EffectQuestion } from "../../motor";
import type { WorkingStep } from "../../quantity";
import { ok, type Failure, type Result } from "../../result";
import { planDischarge, type DischargePlan } from "./discharge-plan";
import { aboutOf, findingsOfGone, findingsOfPart, shouldHaveOne } from "./findings";
import { effectQuestionOf } from "./effect-question";
import { ownSectionOf } from "./own-section";
import { relabelledFrom } from "./relabel";
import { BLANK_CAPACITOR, type CapacitorRecord } from "./record";
import { judgeSection, type SectionVerdict } from "./section";
import { toDay, trendOf, type Trend } from "./trend";
import { workingOfSection, workingOfTrend } from "./working";

export type CapacitorDetail =
  | { readonly state: "none-fitted" }
  /** it is not there to be measured, and this motor should have one */
  | { readonly state: "gone"; readonly gone: Gone }
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
      /** of this part alone */
      readonly stamp: Stamp;
      /** the other part of a motor with two, judged as this one is; null: nothing was keyed of it */
      readonly other: CapacitorDetail | null;
      /** each of the two reads what the other should: the readings are asked about */
      readonly areExchanged: boolean;
      /** this type of motor has two */
      readonly isSecondUsual: boolean;
      readonly crutches: readonly CrutchReason[];
      /** what to ask the machine model about the value; null: it is as it should be, or there is no model */
      readonly effectQuestion: EffectQuestion | null;
    };

/** The worst of several verdicts, for the one stamp of a station. */
const SEVERITY: readonly Stamp[] = ["out", "unsure", "contradicts", "too-close", "not-done", "noted", "holds"];
export const worstStamp = (stamps: readonly Stamp[]): Stamp => SEVERITY.find((stamp) => stamps.includes(stamp)) ?? "not-done";

const WITHOUT_CAPACITOR = ["split-phase", "shaded-pole"];

/** The label as keyed, with what a person put right. */
function readLabel(record: CapacitorRecord): Result<{ read: CapacitorLabel; label: CapacitorLabel; failure: Failure | null }, Failure> {
  const parsed = parseCapacitorLabel(record.label);
  if (!parsed.ok) return parsed;
  const corrected = correctLabel(parsed.value, record.corrections);
  return ok({ read: parsed.value, label: corrected.ok ? corrected.value : parsed.value, failure: corrected.ok ? null : corrected.failure });
}

interface Room {
  readonly low: number;
  readonly high: number;
}
/** Limits as they stand. */
const NO_ROOM: Room = { low: 1, high: 1 };

/** Each of two readings lies within the limits of the other, widened by some room, and neither within its own. */
export function fitOnlyExchanged([a, b, ...others]: readonly SectionVerdict[], room: Room = NO_ROOM): boolean {
  if (others.length > 0 || !a?.limits || !b?.limits || a.readingUf === null || b.readingUf === null) return false;
  const isIn = (uf: number, { lowUf, highUf }: { lowUf: number; highUf: number }): boolean =>
    room.low * lowUf <= uf && uf <= room.high * highUf;
  return isIn(a.readingUf, b.limits) && isIn(b.readingUf, a.limits) && !isIn(a.readingUf, a.limits) && !isIn(b.readingUf, b.limits);
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

/** A reading taken between two posts of the board counts for a part with one section that was not read by itself. */
function boardReading(record: CapacitorRecord, { boardCapacitors }: Facts): Facts["boardCapacitors"][number] | null {
  const [only, ...others] = boardCapacitors;
  const parsed = parseCapacitorLabel(record.label);
  const isSingle = parsed.ok && parsed.value.sections.length === 1;
  return only && others.length === 0 && isSingle && !record.readings.some((each) => each !== null) ? only : null;
}

/** Motors that have two capacitors of two kinds. */
export const hasTwoParts = ({ facts }: Pick<StationContext, "facts">): boolean => facts.motorType === "cap-start-run";

/** One part by itself. */
export interface JudgedPart {
  readonly stamp: Stamp;
  readonly detail: CapacitorDetail;
  readonly sections: readonly SectionVerdict[];
  readonly label: CapacitorLabel | null;
  readonly findings: readonly Finding[];
  readonly facts: Partial<Facts>;
  readonly working: readonly WorkingStep[];
}

const unlabelled = (stamp: Stamp, detail: CapacitorDetail, findings: readonly Finding[] = []): JudgedPart => ({
  stamp,
  detail,
  sections: [],
  label: null,
  findings,
  facts: {},
  working: [],
});

/** Judges the part in hand of a record against its label and against the plate. */
export function judgePart(keyed: CapacitorRecord, context: StationContext): JudgedPart {
  const { facts } = context;
  const fromBoard = boardReading(keyed, facts);
  const record = fromBoard ? { ...keyed, readings: [fromBoard.entry] } : keyed;
  const looksBad = record.looksBad === true;
  const seen: Finding[] = looksBad && !facts.isCapacitorDamaged ? [{ test: "look", weights: { "capacitor-damaged": 1 } }] : [];
  const found = readLabel(record);
  if (!found.ok) {
    const isEmpty = found.failure.code === "label-empty";
    if (isEmpty && !looksBad && WITHOUT_CAPACITOR.includes(facts.motorType)) return unlabelled("noted", { state: "none-fitted" });
    const { capacitorGone: gone } = facts;
    if (isEmpty && !looksBad && gone !== null && facts.boardCapacitors.length === 0)
      return unlabelled(shouldHaveOne(facts) ? "out" : "noted", { state: "gone", gone }, findingsOfGone(gone, facts));
    const detail: CapacitorDetail = {
      state: "no-label",
      failure: isEmpty ? null : found.failure,
      looksBad,
      fromBoard: facts.boardCapacitors,
    };
    return unlabelled(looksBad ? "out" : "not-done", detail, seen);
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
  const stamp: Stamp =
    relabelled !== null ? "unsure" : looksBad || mismatches.length > 0 ? "out" : worstStamp(sections.map((each) => each.stamp));
  // A wrong part that measures well is still the wrong part.
  const isWrong = mismatches.some(({ code }) => code !== "lower-volts");
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
    areReadingsSwapped: fitOnlyExchanged(sections),
    nextTerminals: nextTerminals(label, record),
    discharge: planDischarge(record, label, context),
    effectQuestion: effectQuestionOf(label, sections, own, context),
    crutches: crutchReasons({
      complaints: facts.complaints,
      machineKind: facts.machineKind,
      supplyV: null,
      plateV: facts.supplyV,
      isRunCapacitorOut: label.kind === "run" && stamp === "out",
    }),
    stamp,
    other: null,
    isSecondUsual: hasTwoParts(context),
    areExchanged: false,
  };
  return {
    stamp,
    detail,
    sections,
    label,
    findings: [...seen, ...(isWrong ? [wrongPartFinding(label, mismatches)] : findingsOfPart(sections, own, label.kind))],
    facts: { fittedCapacitor: label, ...runFacts(label, sections, own) },
    working: [
      ...sections.flatMap((section, index) => workingOfSection(section, record.readings[index] ?? null, context.house)),
      ...trends.flatMap(workingOfTrend),
    ],
  };
}
