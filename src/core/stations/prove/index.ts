import { defineStation, plainAssessment, type Stamp } from "../../station";
import type { Facts } from "../../facts";
import {
  findingOfAmps,
  ampsLimits,
  judgeAmps,
  workingOfAmps,
  type AmpsVerdict,
  RUN_FIELD_IDS,
  type HotPlace,
  type Noise,
  type RunField,
  slipsOfRun,
  withoutSlips,
  type RunSlips,
} from "../../motor";
import type { HandFeel } from "../../bearing";
import { figureOf } from "../../quantity";
import type { HouseFigures } from "../../house";
import { proofDoubts, type ProofDoubt, type ProofRow } from "./contradictions";
import { BLANK_PROVE, ProveRecordSchema, type ProveRecord } from "./record";
import { proveMigrations } from "./migrations";

export type { ProofDoubt, ProofRow } from "./contradictions";
export type { ProveRecord } from "./record";

export interface ProveDetail {
  readonly plateA: number | null;
  readonly limitA: number | null;
  readonly before: AmpsVerdict | null;
  /** the amps before are the run test's */
  readonly isFromRunTest: boolean;
  readonly after: AmpsVerdict | null;
  readonly rows: readonly ProofRow[];
  /** how it turned by hand, as found and after it was put back */
  readonly hand: { readonly before: HandFeel | null; readonly after: HandFeel | null };
  /** what was heard, as found and now */
  readonly heard: { readonly before: readonly Noise[]; readonly after: readonly Noise[] };
  /** where it is hottest, as found and now */
  readonly hottest: { readonly before: HotPlace | null; readonly after: HotPlace | null };
  /** what contradicts the decision: it is not signed off over them */
  readonly doubts: readonly ProofDoubt[];
  /** figures after the repair that look like a slip of the finger */
  readonly slips: RunSlips;
}

/** Readings of one figure differ by less than this however good the meter. */
const LEAST: Record<RunField, number> = {
  supplyVolts: 2,
  lineAmps: 0.02,
  startAmps: 0.03,
  capacitorVolts: 4,
  speed: 4,
  startTime: 0.3,
  shell: 3,
  coastDown: 0.5,
};

function rowOf(field: RunField, record: ProveRecord, { runFound }: Facts, house: HouseFigures): ProofRow {
  const keyed = figureOf(record.before[field]);
  const before = keyed ?? figureOf(runFound[field] ?? null);
  const after = figureOf(record.after[field]);
  const spread =
    before && after
      ? Math.max(
          LEAST[field],
          2 * Math.hypot(before.standardUncertainty, after.standardUncertainty),
          (house.runFiguresSpread / 100) * before.value,
        )
      : 0;
  const apart = before && after ? after.value - before.value : 0;
  return {
    field,
    before: before?.value ?? null,
    after: after?.value ?? null,
    beforeSd: before?.standardUncertainty ?? 0,
    afterSd: after?.standardUncertainty ?? 0,
    isFromRunTest: keyed === null && before !== null,
    change: !before || !after ? null : Math.abs(apart) <= spread ? "same" : apart > 0 ? "more" : "less",
  };
}

function stampOf(record: ProveRecord, detail: ProveDetail): Stamp {
  if (Object.keys(detail.slips).length > 0) return "unsure";
  if (detail.doubts.length > 0) return "out";
  if (detail.after) return detail.after.conformity?.decision ?? "noted";
  const isTouched = detail.rows.some(({ after, isFromRunTest, before }) => after !== null || (before !== null && !isFromRunTest));
  return isTouched ||
    record.afterBehaviour !== null ||
    record.afterNoises.length > 0 ||
    record.afterHotPlace !== null ||
    record.note.trim() !== ""
    ? "noted"
    : "not-done";
}

/** Every figure of the run before and after the repair, side by side, and whether they bear out what was decided. */
export const proveStation = defineStation({
  definition: {
    id: "prove",
    power: "live",
    minutes: 4,
    tests: ["run-amps"],
    cautions: ["gas-back", "line-voltage", "moving-parts"],
  },
  schema: ProveRecordSchema,
  blank: BLANK_PROVE,
  migrations: proveMigrations,
  assess(keyed, context) {
    const { facts, house } = context;
    const slips = slipsOfRun(keyed.after, facts, house.supplyPercent / 100);
    const record: ProveRecord = { ...keyed, after: withoutSlips(keyed.after, slips) };
    const plateA = facts.fullLoadA;
    const limits = plateA === null ? null : ampsLimits(plateA, house);
    // What the run test found is the figure before, unless another was keyed here.
    const found = facts.runFound.lineAmps ?? null;
    const isFromRunTest = record.before.lineAmps === null && found !== null;
    const before = judgeAmps(record.before.lineAmps ?? found, plateA, house);
    const after = judgeAmps(record.after.lineAmps, plateA, house);
    const rows = RUN_FIELD_IDS.map((field) => rowOf(field, record, facts, house));
    const doubts = proofDoubts({ record, rows, amps: after, facts, house });
    const detail: ProveDetail = {
      plateA,
      limitA: limits?.high ?? null,
      before,
      isFromRunTest,
      after,
      rows,
      doubts,
      hand: { before: facts.handFound, after: facts.handAfter },
      heard: { before: facts.noisesFound, after: record.afterNoises },
      hottest: { before: facts.hotPlaceFound, after: record.afterHotPlace },
      slips,
    };
    return plainAssessment<ProveDetail>(stampOf(record, detail), detail, {
      // Only what was found speaks of the fault; the figure after the repair speaks of the repair.
      // A proof is no test to be proposed: it comes after the decision.
      openTests: [],
      findings: isFromRunTest ? [] : findingOfAmps(before),
      working: [...workingOfAmps("before", before, plateA, limits), ...workingOfAmps("after", after, plateA, limits)],
    });
  },
});
