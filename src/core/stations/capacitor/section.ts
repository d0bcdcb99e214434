import { plainAt } from "../../fields";
import { type Stamp, type StationContext, readPlain } from "../../station";
import { slipOfRun } from "../../motor";
import {
  capacitorJudge,
  BLOCKING_DOUBTS,
  capacitanceFromRunning,
  capacitorCurrentA,
  doubtsOfMeter,
  doubtsOfRunning,
  effectOfValue,
  estimateFromSwing,
  expectedClimbS,
  judgeJointly,
  limitsOfSection,
  SWING_MEANING,
  valueState,
  type CapacitorLabel,
  type Doubt,
  type JointVerdict,
  type MethodFigure,
  type RunningCapacitance,
  type SectionLimits,
  type SwingBehaviour,
  type SwingEstimate,
  type ValueEffect,
  type ValueState,
} from "../../capacitor";
import { byBands, decideConformity, figureOf, findSlip, type Conformity, type Figure, type Slip } from "../../quantity";
import type { Failure } from "../../result";
import { capacitorRecord, type CapacitorRecord, type OverLimit } from "./record";

/** Amps and volts of the running method with what they come to. */
export interface RunningVerdict {
  readonly amps: Figure;
  readonly volts: Figure;
  readonly frequencyHz: number;
  readonly found: RunningCapacitance;
}

/** Readings of one section that contradict each other. */
export type SectionContradiction =
  /** a start part is out of the circuit once the motor runs, and amps were clamped in its lead */
  | { readonly code: "start-part-running"; readonly amps: number }
  /** the ohmmeter says shorted or open, the capacitance meter reads a part that works */
  | { readonly code: "swing-against-meter"; readonly swing: "shorted" | "open"; readonly readingUf: number };

/** A part that reads this much of its rating is neither shorted nor open. */
const WORKS_ABOVE = 0.5;
/** Amps that a clamp shows beside a live lead, and no part carries [A]. */
const CLAMP_NOISE_A = 0.1;

function contradictionsIn(
  label: CapacitorLabel,
  found: {
    readonly limits: SectionLimits | null;
    readonly meter: MethodFigure | null;
    readonly running: RunningVerdict | null;
    readonly swing: SwingVerdict | null;
  },
): SectionContradiction[] {
  const { limits, meter, running, swing } = found;
  const meaning = swing && SWING_MEANING[swing.behaviour];
  return [
    ...(label.kind === "start" && running && running.amps.value > CLAMP_NOISE_A
      ? [{ code: "start-part-running", amps: running.amps.value } as const]
      : []),
    ...(limits && meter && meaning && meaning !== "charges" && meter.capacitanceUf > WORKS_ABOVE * limits.lowUf
      ? [{ code: "swing-against-meter", swing: meaning, readingUf: meter.capacitanceUf } as const]
      : []),
  ];
}

export interface SwingVerdict {
  readonly behaviour: SwingBehaviour;
  readonly estimate: SwingEstimate | null;
  /** seconds the climb should take for the rated value on this range */
  readonly expectedS: number | null;
}

/** What one section of the part comes to by every method. */
export interface SectionVerdict {
  readonly limits: SectionLimits | null;
  readonly terminal: string | null;
  /** what the capacitance meter showed */
  readonly readingUf: number | null;
  readonly isOverLimit: boolean;
  /** what OL was found to mean; null: not said, or the meter showed a figure */
  readonly overLimit: OverLimit | null;
  readonly meter: MethodFigure | null;
  readonly running: RunningVerdict | null;
  readonly runningFailure: Failure | null;
  readonly swing: SwingVerdict | null;
  /** what went wrong while it was taken or keyed */
  readonly doubts: readonly Doubt[];
  readonly joint: JointVerdict | null;
  readonly state: ValueState | null;
  readonly effect: ValueEffect | null;
  /** measured volts against the rating of the part */
  readonly volts: { readonly measuredV: number; readonly ratedV: number; readonly conformity: Conformity } | null;
  /** figures that look like a slip of the finger: nothing is concluded from them until somebody says so */
  readonly slips: { readonly meter: Slip | null; readonly amps: Slip | null; readonly volts: Slip | null };
  /** readings of this section that cannot all be right: nothing is concluded until one is taken again */
  readonly contradictions: readonly SectionContradiction[];
  readonly stamp: Stamp;
}

function doubtsAboutMeter(record: CapacitorRecord, readingUf: number | null, ratedUf: number | null, isSure: boolean): Doubt[] {
  if (readingUf === null) return [];
  return [
    ...(ratedUf === null || isSure ? [] : doubtsOfMeter(readingUf, ratedUf)),
    ...(record.isIsolated === false ? [{ code: "other-path" } as const] : []),
    ...(record.settles === false ? [{ code: "unsettled" } as const] : []),
  ];
}

interface RunningSide {
  readonly verdict: RunningVerdict | null;
  readonly failure: Failure | null;
  readonly doubts: readonly Doubt[];
}

function judgeRunning(record: CapacitorRecord, index: number, { facts }: StationContext): RunningSide {
  const keyed = record.running.sections[index];
  const [amps, volts] = [figureOf(keyed?.amps), figureOf(keyed?.volts)];
  const doubts: Doubt[] = doubtsOfRunning(amps?.value ?? null, volts?.value ?? null, facts.supplyV);
  const frequencyHz = record.running.hertz === "" ? facts.frequencyHz : Number(record.running.hertz);
  if (amps === null || volts === null) return { verdict: null, failure: null, doubts };
  if (record.running.isStartDeviceOut === false) doubts.push({ code: "start-device-in-lead" });
  if (frequencyHz === null) return { verdict: null, failure: null, doubts: [...doubts, { code: "frequency-unknown" }] };
  if (doubts.some(({ code }) => BLOCKING_DOUBTS.has(code))) return { verdict: null, failure: null, doubts };
  const found = capacitanceFromRunning(amps, volts, frequencyHz);
  return found.ok
    ? { verdict: { amps, volts, frequencyHz, found: found.value }, failure: null, doubts }
    : { verdict: null, failure: found.failure, doubts };
}

function judgeSwing(record: CapacitorRecord, index: number, limits: SectionLimits | null, { house }: StationContext): SwingVerdict | null {
  const keyed = record.swing.sections[index];
  if (!keyed || keyed.behaviour === null) return null;
  const rangeEndOhm = plainAt(capacitorRecord.fields.swing, record.swing, "rangeEnd").value ?? house.swingRangeOhm;
  const climbS = keyed.behaviour === "takes-charge" ? readPlain(keyed.climbS, "swingClimb").value : null;
  return {
    behaviour: keyed.behaviour,
    estimate: climbS === null ? null : estimateFromSwing(climbS, rangeEndOhm),
    expectedS: limits ? expectedClimbS(limits.ratedUf, rangeEndOhm) : null,
  };
}

/** A tenfold slip in the amps shows as a tenfold capacitance at volts that are usual. */
const RUNNING_SEEN = { low: 0.4, high: 2.5 } as const;

function runningAmpsSlip(record: CapacitorRecord, index: number, limits: SectionLimits | null, { facts }: StationContext): Slip | null {
  const keyed = record.running.sections[index];
  const volts = figureOf(keyed?.volts)?.value ?? null;
  const frequencyHz = record.running.hertz === "" ? facts.frequencyHz : Number(record.running.hertz);
  if (limits === null || volts === null || volts < 1 || frequencyHz === null) return null;
  const toAmps = (uf: number): number => capacitorCurrentA(uf, volts, frequencyHz);
  return findSlip(
    keyed?.amps,
    "current",
    byBands(
      { low: toAmps(RUNNING_SEEN.low * limits.ratedUf), high: toAmps(RUNNING_SEEN.high * limits.ratedUf) },
      { low: toAmps(limits.lowUf), high: toAmps(limits.highUf) },
      ["point", "prefix"],
    ),
  );
}

/** A swing that ends in a short or an open part condemns it; one that takes a charge proves little. */
const SWING_STAMPS = { charges: "noted", shorted: "out", open: "out" } as const;

function stampOf(
  verdict: Pick<SectionVerdict, "joint" | "isOverLimit" | "overLimit" | "swing" | "volts" | "slips" | "contradictions">,
): Stamp {
  if (Object.values(verdict.slips).some((slip) => slip !== null)) return "unsure";
  if (verdict.contradictions.length > 0) return "contradicts";
  if (verdict.volts?.conformity.decision === "out") return "out";
  if (verdict.joint) return verdict.joint.conformity.decision;
  if (verdict.overLimit === "shorted") return "out";
  if (verdict.swing) return SWING_STAMPS[SWING_MEANING[verdict.swing.behaviour]];
  // OL may be a large part on a meter that ends before it: until somebody says which, it says nothing.
  if (verdict.isOverLimit) return verdict.overLimit === null ? "unsure" : "noted";
  return "not-done";
}

/** Judges one section of a part by every method that was used on it. */
export function judgeSection(label: CapacitorLabel, index: number, record: CapacitorRecord, context: StationContext): SectionVerdict {
  const { house, facts } = context;
  const section = label.sections[index];
  const limits = section ? limitsOfSection(section, label.kind, house) : null;
  const reading = record.readings[index]?.reading ?? null;
  const shown = figureOf(record.readings[index]);
  const readingUf = shown?.value ?? null;
  const keyed = record.running.sections[index];
  const slips = {
    meter: shown && limits ? findSlip(record.readings[index], "capacitance", capacitorJudge(limits, shown.value)) : null,
    amps: runningAmpsSlip(record, index, limits, context),
    volts: slipOfRun("capacitorVolts", keyed?.volts ?? null, facts, house.supplyPercent / 100),
  };
  const meterDoubts = doubtsAboutMeter(record, readingUf, limits?.ratedUf ?? null, record.readings[index]?.isSure === true);
  const isUsable = !meterDoubts.some(({ code }) => code === "other-path" || BLOCKING_DOUBTS.has(code));
  const meter: MethodFigure | null =
    shown !== null && isUsable && slips.meter === null
      ? { method: "meter", capacitanceUf: shown.value, standardUncertaintyUf: shown.standardUncertainty }
      : null;
  const isRunSure = slips.amps === null && slips.volts === null;
  const running = isRunSure ? judgeRunning(record, index, context) : { verdict: null, failure: null, doubts: [] };
  const runningFigure: MethodFigure | null = running.verdict
    ? {
        method: "running",
        capacitanceUf: running.verdict.found.capacitanceUf,
        standardUncertaintyUf: running.verdict.found.standardUncertaintyUf,
      }
    : null;
  const swing = judgeSwing(record, index, limits, context);
  const contradictions = contradictionsIn(label, { limits, meter, running: running.verdict, swing });
  // What flows in the lead of a start part while the motor runs is not its capacitance.
  const isRunningUsed = label.kind === "run";
  const figures = [meter, isRunningUsed ? runningFigure : null].filter((figure) => figure !== null);
  const joint = limits ? judgeJointly(figures, limits, house) : null;
  const state = joint && limits ? valueState(joint.capacitanceUf, limits) : null;
  const acrossV = slips.volts === null ? figureOf(keyed?.volts) : null;
  const volts =
    acrossV && label.ratedV !== null
      ? {
          measuredV: acrossV.value,
          ratedV: label.ratedV,
          conformity: decideConformity({
            value: acrossV.value,
            standardUncertainty: acrossV.standardUncertainty,
            limits: { low: null, high: label.ratedV },
            guardFactor: house.guardFactor,
            coverageFactor: house.coverageFactor,
          }),
        }
      : null;
  const partial = {
    limits,
    terminal: section?.terminal ?? null,
    readingUf,
    isOverLimit: reading?.kind === "over-limit",
    overLimit: reading?.kind === "over-limit" ? record.overLimit : null,
    meter,
    running: running.verdict,
    runningFailure: running.failure,
    swing,
    contradictions,
    doubts: [...meterDoubts, ...running.doubts],
    joint,
    state,
    effect:
      joint && limits && state
        ? effectOfValue(
            { uf: joint.capacitanceUf, ratedUf: limits.ratedUf, state, kind: label.kind },
            { supplyV: facts.supplyV, frequencyHz: facts.frequencyHz, measuredV: acrossV?.value ?? null },
          )
        : null,
    volts,
    slips,
  };
  return { ...partial, stamp: stampOf(partial) };
}
