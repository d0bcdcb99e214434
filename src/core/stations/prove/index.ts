import { defineStation, plainAssessment, type Stamp, type StationContext } from "../../station";
import type { Facts } from "../../facts";
import { idleRangeOf } from "../../study/idle-range-of";
import { doneAt, isWork, PURPOSE_TABLE, readAt, type JobFacts } from "../../job";
import {
  findingOfAmps,
  ampsLimits,
  asFitted,
  judgeAmps,
  workingOfAmps,
  type AmpsVerdict,
  judgeIdle,
  type IdleRange,
  type IdleVerdict,
  RUN_FIELD_IDS,
  type HotPlace,
  type Noise,
  type RunField,
  slipsOfRun,
  withoutSlips,
  type RunSlips,
  type Rotation,
} from "../../motor";
import type { HandFeel } from "../../bearing";
import { proofLinesFor, type ProofLine } from "../../exchange";
import { figureOf, type Entry } from "../../quantity";
import type { ActionId } from "../../trade";
import type { HouseFigures } from "../../house";
import { isQuietNow, proofDoubts, wantedRotation, type ProofDoubt, type ProofRow } from "./contradictions";
import { proveRecord, type ProveRecord } from "./record";
import { proveMigrations } from "./migrations";

export type { ProofDoubt, ProofRow } from "./contradictions";
export { proveRecord, type ProveRecord } from "./record";

/** What is missing for a proof. */
export type ProofLack = "rotation" | "figure" | "starts";

export interface ProveDetail {
  readonly plateA: number | null;
  readonly limitA: number | null;
  readonly before: AmpsVerdict | null;
  /** it was connected anew since: the figures before were those of the wrong connection */
  readonly wasMiswired: boolean;
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
  /** what a sign-off waits for */
  readonly lacks: readonly ProofLack[];
  /** looking at the shaft end: as found, as it has to be, as it is now */
  readonly rotation: { readonly before: Rotation | null; readonly wanted: Rotation | null; readonly mayHaveTurned: boolean };
  /** what shows at this machine that it is right */
  readonly lines: readonly ProofLine[];
  /** another motor is in: its own plate is what its figures are held against */
  readonly isOtherMotor: boolean;
  /** figures after the repair that look like a slip of the finger */
  readonly slips: RunSlips;
  /** made without the load of a machine */
  readonly isUnloaded: boolean;
  /** what the motor idles at, and how its amps stand to that; null: it was loaded, or nothing is there to judge by */
  readonly idle: { readonly range: IdleRange; readonly verdict: IdleVerdict } | null;
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

/** A figure of the run test belongs after the repair when it was taken once the part was in. */
function isAfter(entry: Entry | null, fittedAt: string | null): boolean {
  return fittedAt !== null && entry?.reading != null && entry.reading.at > fittedAt;
}

/** What a run has to come after to show what was decided and done: a run between two works shows nothing of the second. */
function showsAfter({ worksDone, fittedAt, decidedAt, action }: Facts): string | null {
  const done = worksDone.at(-1)?.at ?? fittedAt;
  const isDecidedDone = action === null || !isWork(action) || doneAt(action, worksDone) !== null;
  // While what was decided is not done, nothing that ran before the decision shows it.
  return done === null || isDecidedDone || decidedAt === null || decidedAt < done ? done : decidedAt;
}

function rowOf(field: RunField, record: ProveRecord, facts: Facts, house: HouseFigures): ProofRow {
  const { runFound, runNow, fittedAt } = facts;
  const keyed = figureOf(record.before[field]);
  const run = runFound[field] ?? null;
  const ran = [runNow[field] ?? null, run].find((entry) => isAfter(entry, showsAfter(facts))) ?? null;
  const before = keyed ?? (isAfter(run, fittedAt) ? null : figureOf(run));
  const after = figureOf(record.after[field]) ?? figureOf(ran);
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

/** A run that was made once the part was in says nothing of what was heard before. */
function ranAfter({ runFound, fittedAt }: Facts): boolean {
  const entries = Object.values(runFound).filter((entry) => entry !== null);
  return entries.length > 0 && entries.every((entry) => isAfter(entry, fittedAt));
}

/** Another motor, leads that came off, or a rotor put back the other way round: which way it turns has to be seen. */
function mayHaveTurned({ action, also, hasMovedLeads, motorType, machineKind }: Facts): boolean {
  const works = [action, also];
  if (machineKind === "hermetic-compressor") return false;
  return (
    works.includes("replace-motor") || (motorType === "shaded-pole" ? works.includes("replace-bearings") : hasMovedLeads && action !== null)
  );
}

/** Work after which nothing at the motor is other than before: no figure can show it. */
const NO_FIGURE: readonly (ActionId | null)[] = [null, "no-repair", "keep-until", "refer", "wait-and-retest"];

function lacksOf(record: ProveRecord, rows: readonly ProofRow[], facts: Facts, isUnloaded: boolean): ProofLack[] {
  if (record.isOfBefore) return [];
  // What squealed and is quiet now is shown by the ear.
  const hasFigure = rows.some(({ after }) => after !== null) || (!isUnloaded && isQuietNow(record, facts));
  return [
    ...(isUnloaded && record.afterBehaviour === null ? (["starts"] as const) : []),
    ...(mayHaveTurned(facts) && record.afterRotation === null ? (["rotation"] as const) : []),
    ...((isUnloaded || !NO_FIGURE.includes(facts.action)) && !hasFigure ? (["figure"] as const) : []),
  ];
}

/** Something was seen or heard of it after the work, with or without a figure. */
const isSeen = ({ afterBehaviour, afterRotation, afterNoises, afterHotPlace, lines }: ProveRecord): boolean =>
  afterBehaviour !== null || afterRotation !== null || afterNoises.length > 0 || afterHotPlace !== null || Object.keys(lines).length > 0;

function stampOf(record: ProveRecord, detail: ProveDetail, facts: Facts): Stamp {
  if (Object.keys(detail.slips).length > 0) return "unsure";
  if (detail.doubts.length > 0) return "out";
  if (detail.after && detail.lacks.length > 0) return "open";
  if (detail.after && detail.isUnloaded) return detail.idle === null ? "noted" : detail.idle.verdict === "within" ? "holds" : "too-close";
  if (detail.after) return detail.after.conformity?.decision ?? "noted";
  const hasFigure = detail.rows.some(({ after, isFromRunTest, before }) => after !== null || (before !== null && !isFromRunTest));
  if (!hasFigure && !isSeen(record) && record.note.trim() === "") return "not-done";
  if (detail.lacks.length > 0) return "open";
  return facts.action !== null && isQuietNow(record, facts) ? "holds" : "noted";
}

/** What the motor draws without load, held against what it idles at. */
function idleOf(after: AmpsVerdict | null, plateA: number | null, facts: Facts, study: StationContext["study"]): ProveDetail["idle"] {
  if (after === null || plateA === null) return null;
  const range = idleRangeOf(plateA, facts, study);
  return { range, verdict: judgeIdle(after.amps, after.standardUncertaintyA, range) };
}

const isKeyed = (record: ProveRecord): boolean => readAt(record.after).length > 0 || isSeen(record);

/** When the proof was made: by its figures, else by when it was last keyed. */
const provedAtOf = ({ after }: ProveRecord, { keyedAt = null }: StationContext): string | null => readAt(after).sort().at(-1) ?? keyedAt;

/** Something was done since: what was shown then shows nothing of it. */
const isOfBeforeWork = (provedAt: string | null, { worksDone }: Facts): boolean =>
  provedAt !== null && worksDone.some(({ at }) => at > provedAt);

const withoutProof = (record: ProveRecord): ProveRecord => ({
  ...record,
  after: proveRecord.blank.after,
  afterBehaviour: null,
  afterNoises: [],
  afterHotPlace: null,
  afterRotation: null,
  lines: {},
});

/** How far the proof is, for how the card ends. */
function proofOf({ doubts, lacks, slips, rows }: ProveDetail, record: ProveRecord): JobFacts["proof"] {
  if (doubts.length > 0) return "against";
  if (!rows.some(({ after }) => after !== null) && !isSeen(record)) return "none";
  return lacks.length > 0 || Object.keys(slips).length > 0 ? "open" : "there";
}

/** Every figure of the run before and after the repair, side by side, and whether they bear out what was decided. */
export const proveStation = defineStation({
  definition: {
    id: "prove",
    power: "live",
    // A proof that is read anew leaves the one before on the card.
    reads: [],
    minutes: 4,
    tests: ["run-amps"],
    cautions: ["gas-back", "line-voltage", "moving-parts"],
  },
  ...proveRecord,
  migrations: proveMigrations,
  assess(typed, context) {
    const { house } = context;
    const provedAt = provedAtOf(typed, context);
    const keyed = isOfBeforeWork(provedAt, context.facts) ? withoutProof(typed) : typed;
    const known = asFitted(context.facts);
    const isRunOfNow = ranAfter(known);
    const facts: Facts = isRunOfNow ? { ...known, noisesFound: [], hotPlaceFound: null } : known;
    const slips = slipsOfRun(keyed.after, facts, house.supplyPercent / 100);
    const record: ProveRecord = { ...keyed, after: withoutSlips(keyed.after, slips) };
    const plateA = facts.fullLoadA;
    const limits = plateA === null ? null : ampsLimits(plateA, house);
    // What the run test found is the figure before, unless another was keyed here.
    const run = facts.runFound.lineAmps ?? null;
    const isRunAfter = isAfter(run, facts.fittedAt);
    const ran = [facts.runNow.lineAmps ?? null, run].find((entry) => isAfter(entry, showsAfter(facts))) ?? null;
    const found = isRunAfter ? null : run;
    const isFromRunTest = record.before.lineAmps === null && found !== null;
    // What the old motor drew is held against the old plate.
    const before = judgeAmps(record.before.lineAmps ?? found, context.facts.fullLoadA, house);
    const after = judgeAmps(record.after.lineAmps ?? ran, plateA, house);
    const rows = RUN_FIELD_IDS.map((field) => rowOf(field, record, facts, house));
    const isUnloaded = record.isUnloaded ?? PURPOSE_TABLE[facts.purpose].isUnloaded;
    const idle = isUnloaded ? idleOf(after, plateA, facts, context.study) : null;
    const doubts = proofDoubts({ record, rows, amps: after, idle: idle?.verdict ?? null, isUnloaded, facts, house });
    const detail: ProveDetail = {
      plateA,
      limitA: limits?.high ?? null,
      before,
      wasMiswired: known.fullLoadA !== context.facts.fullLoadA && known.fittedMotor === null,
      isFromRunTest,
      after,
      rows,
      doubts,
      lacks: lacksOf(record, rows, facts, isUnloaded),
      rotation: { before: facts.rotationBefore, wanted: wantedRotation(facts), mayHaveTurned: mayHaveTurned(facts) },
      lines: proofLinesFor(facts),
      isOtherMotor: context.facts.fittedMotor !== null,
      hand: { before: facts.handFound, after: facts.handAfter },
      heard: {
        before: facts.noisesFound,
        after: record.afterNoises.length > 0 ? record.afterNoises : isRunOfNow ? known.noisesFound : facts.noisesNow,
      },
      hottest: { before: facts.hotPlaceFound, after: record.afterHotPlace ?? (isRunOfNow ? known.hotPlaceFound : facts.hotPlaceNow) },
      slips,
      isUnloaded,
      idle,
    };
    return plainAssessment<ProveDetail>(stampOf(record, detail, facts), detail, {
      // Only what was found speaks of the fault; the figure after the repair speaks of the repair.
      // A proof is no test to be proposed: it comes after the decision.
      openTests: [],
      facts: {
        proof: proofOf(detail, record),
        isProofUnloaded: isUnloaded,
        provedAt: isKeyed(keyed) ? provedAt : (ran?.reading?.at ?? null),
      },
      findings: isFromRunTest ? [] : findingOfAmps(before),
      working: [
        ...workingOfAmps(
          "before",
          before,
          context.facts.fullLoadA,
          context.facts.fullLoadA === null ? null : ampsLimits(context.facts.fullLoadA, house),
        ),
        ...workingOfAmps("after", after, plateA, limits),
      ],
    });
  },
});
