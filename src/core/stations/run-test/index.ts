import type { Complaint, TestId, MotorType } from "../../trade";
import { defineStation, plainAssessment, type Stamp } from "../../station";
import type { Facts } from "../../facts";
import type { Finding } from "../../diagnosis";
import {
  ampsLimits,
  findingOfAmps,
  judgeAmps,
  workingOfAmps,
  type AmpsVerdict,
  slipsOfRun,
  withoutSlips,
  type RunSlips,
  stateOfBehaviour,
  inferConnection,
  isSuppliedForAnother,
  looksOtherwiseConnected,
  type Behaviour,
  type KnowledgeEntry,
  type RunQuestion,
  type RunUnderstanding,
} from "../../motor";
import { type WorkingStep, figureOf, formatNumber } from "../../quantity";
import { PURPOSE_TABLE } from "../../job";
import { idleRangeOf } from "../../study/idle-range-of";
import type { Failure } from "../../result";
import { findingsOfRun, isSaid } from "./findings";
import { rowsOf, type RunRow } from "./judge";
import { questionOf } from "./question";
import { withModel } from "./measured";
import { keyedFigures, RUN_FIELD_IDS, runTestRecord, type RunTestRecord } from "./record";
import { runTestMigrations } from "./migrations";

export { rowsOf, type Position, type RunRow } from "./judge";
export { suspectLikelihoods } from "./measured";
export { countedSpeed, QUANTITY_OF, type ModelField } from "./question";
export { runTestRecord, RUN_FIELD_IDS, RUN_FIELDS, type Noise, type RunField, type RunTestRecord, type Warmth } from "./record";

export interface RunTestDetail {
  readonly rows: readonly RunRow[];
  readonly amps: AmpsVerdict | null;
  /** what the model was asked; null: it cannot be asked */
  readonly question: RunQuestion | null;
  readonly understanding: RunUnderstanding | null;
  readonly isWorking: boolean;
  readonly failure: Failure | null;
  readonly assumedType: MotorType | null;
  /** figures that look like a slip of the finger */
  readonly slips: RunSlips;
  /** its figures are those of the plate's other connection */
  readonly asksConnection: boolean;
  /** it was found wired for other volts than arrive: its figures say that, and nothing of its parts */
  readonly isMiswired: boolean;
  /** missing entry that would narrow what is expected most */
  readonly narrowing: KnowledgeEntry | null;
}

/** Likelihood of a sound motor against the best fault: below the first it is out, below the second it is too close. */
const SOUND_FIT = { out: 0.05, close: 0.3 } as const;

const isBlank = (record: RunTestRecord): boolean =>
  record.behaviour === null &&
  record.warmth === null &&
  record.hotPlace === null &&
  record.noises.length === 0 &&
  record.note.trim() === "" &&
  RUN_FIELD_IDS.every((field) => record[field] === null);

/** How well a sound motor explains the figures, against the fault that explains them best; null: not asked. */
function soundFit(understanding: RunUnderstanding | null): number | null {
  if (!understanding || understanding.explanations.length === 0) return null;
  return understanding.explanations.find(({ fault }) => fault === null)?.fit ?? 0;
}

/** From here on the figures ask how it is connected. */
const ASKS_CONNECTION = 0.3;
/** No figure tells a connection to better than this. */
const CONNECTION_SPREAD = 0.05;

/** Findings that an earlier station makes better. */
const TOLD_BEFORE: readonly TestId[] = ["supply-voltage", "hand-turn"];

/** What no sound motor shows, whichever fault explains it. */
const isUnsound = ({ test, weights }: Finding): boolean =>
  (test === "speed" && "far-below" in weights) || (test === "start-winding-amps" && "none" in weights);

function stampOf(
  record: RunTestRecord,
  rows: readonly RunRow[],
  amps: AmpsVerdict | null,
  understanding: RunUnderstanding | null,
  found: readonly Finding[],
): Stamp {
  if (isBlank(record)) return "not-done";
  if (record.behaviour !== null && record.behaviour !== "starts") return "out";
  const decision = amps?.conformity?.decision ?? null;
  const isStrange = understanding !== null && understanding.unexplained.length > 0;
  const fit = isStrange ? null : soundFit(understanding);
  if (decision === "out" || (fit !== null && fit < SOUND_FIT.out) || found.some(isUnsound)) return "out";
  if (rows.some(({ field, position }) => (field === "supplyVolts" || field === "shell") && position !== null && position !== "inside"))
    return "out";
  // Nothing known makes these figures: neither sound nor faulty is said of them.
  if (isStrange) return "unsure";
  if (decision === "too-close" || (fit !== null && fit < SOUND_FIT.close)) return "too-close";
  return decision === "holds" || rows.some(({ position }) => position === "inside") ? "holds" : "noted";
}

/**
 * Tests whose figure is still to be taken. Senses and dead work come before a run with the covers on: until the circuit was
 * made safe once, the run offers itself by its amps only.
 */
function openTests(record: RunTestRecord, rows: readonly RunRow[], { complaints, deadSince, motorType }: Facts): TestId[] {
  if (isBlank(record) && deadSince === null) return ["run-amps"];
  const isOpen = (field: RunRow["field"]): boolean => rows.find((row) => row.field === field)?.value == null;
  const isTurning = stateOfBehaviour(record.behaviour) === "running";
  const open: TestId[] = [
    ...(isTurning && isOpen("lineAmps") ? ["run-amps" as const] : []),
    ...(isTurning && isOpen("startAmps") && motorType !== "shaded-pole" ? ["start-winding-amps" as const] : []),
    ...(isTurning && isOpen("speed") ? ["speed" as const] : []),
    ...(record.behaviour === null && isOpen("startTime") ? ["start-time" as const] : []),
    // What stands and hums is not left on to be listened to, or to be felt.
    ...(isTurning && record.noises.length === 0 ? ["noise" as const] : []),
    ...(isTurning && record.warmth === null && isOpen("shell") ? ["temperature" as const] : []),
  ];
  return open.filter((test) => !isSaid(test, complaints));
}

function workingOfModel(rows: readonly RunRow[], understanding: RunUnderstanding | null): WorkingStep[] {
  const row = rows.find(({ field }) => field === "lineAmps");
  if (!understanding || !row?.expected) return [];
  const { low, middle, high } = row.expected;
  return [
    {
      what: "Line amps a sound motor of this plate would draw",
      formula:
        "two revolving fields on main and start winding; parameters fitted to plate, ohms and capacitor; load as machines in good order usually ask",
      numbers: `an ensemble of machines that fit equally well; missing: ${understanding.missing.join(", ") || "nothing"}`,
      result: `${formatNumber(low, 2)} to ${formatNumber(high, 2)} A (middle 90 %), ${formatNumber(middle, 2)} A likeliest`,
      source: "Fitzgerald, Electric Machinery, 9.3; Veinott, Theory and Design of Small Induction Motors, ch. 11",
    },
  ];
}

/** What was heard when it was switched on says more than "does not run". */
const HEARD: Partial<Record<Behaviour, Complaint>> = {
  hums: "hums-no-start",
  dead: "dead",
  "only-pushed": "starts-with-push",
  trips: "trips-at-start",
};

/** The complaint as it stands once somebody listened: the vaguer word gives way to what was heard. */
function refined(complaints: readonly Complaint[], behaviour: Behaviour | null): readonly Complaint[] {
  const heard = behaviour === null ? undefined : HEARD[behaviour];
  if (heard === undefined || !complaints.includes("does-not-run")) return complaints;
  return [...new Set(complaints.map((complaint) => (complaint === "does-not-run" ? heard : complaint)))];
}

/** The motor at work: every figure against the plate and against what a sound motor of this plate would show. */
export const runTestStation = defineStation({
  definition: {
    id: "run-test",
    power: "live",
    reads: ["running"],
    minutes: 5,
    tests: ["run-amps", "start-winding-amps", "speed", "start-time", "noise", "temperature"],
    cautions: ["line-voltage", "moving-parts", "short-tries", "hot-surfaces"],
    methods: [
      {
        id: "run",
        power: "live",
        tests: ["run-amps", "start-winding-amps", "speed", "start-time", "noise", "temperature"],
        cautions: ["line-voltage", "moving-parts", "short-tries", "hot-surfaces"],
      },
      { id: "what-if", power: "either", tests: [], cautions: [], needsCard: true },
    ],
  },
  ...runTestRecord,
  migrations: runTestMigrations,
  assess(keyed, context) {
    const { house } = context;
    const supplyPart = house.supplyPercent / 100;
    // Volts keyed with the run tell the connection as those of the supply station do.
    const facts: Facts = {
      ...context.facts,
      ...inferConnection(context.facts, figureOf(keyed.supplyVolts)?.value ?? null, supplyPart)?.facts,
    };
    const slips = slipsOfRun(keyed, facts, supplyPart, stateOfBehaviour(keyed.behaviour) === "held");
    const record = withoutSlips(keyed, slips);
    const isUnsure = Object.keys(slips).length > 0;
    const asked = questionOf(record, facts);
    const question = asked.ok ? asked.value.question : null;
    // Nothing keyed, nothing to explain: what to expect is asked when the station is opened.
    const isUnloaded = PURPOSE_TABLE[facts.purpose].isUnloaded;
    // The model runs a motor under the load of its machine.
    const isAsked = question !== null && !isBlank(record) && !isUnloaded;
    const answer = isAsked ? context.study("run", question) : null;
    const understanding = answer?.ok ? answer.value : null;
    const rows = rowsOf(record, facts, house, understanding);
    const isTurning = stateOfBehaviour(record.behaviour) === "running";
    const idle = isUnloaded && facts.fullLoadA !== null && record.lineAmps ? idleRangeOf(facts.fullLoadA, facts, context.study) : null;
    const amps = isTurning ? judgeAmps(record.lineAmps, facts.fullLoadA, house, idle) : null;
    const found = isBlank(record) ? [] : [...findingOfAmps(amps), ...findingsOfRun(record, rows, facts, house)];
    const suppliedV = figureOf(record.supplyVolts)?.value ?? null;
    const otherwise =
      suppliedV !== null && isSuppliedForAnother(facts, suppliedV, supplyPart)
        ? 1
        : looksOtherwiseConnected(facts, {
            lineA: figureOf(record.lineAmps)?.value ?? null,
            speedRpm: isTurning ? (figureOf(record.speed)?.value ?? null) : null,
          });
    const beside: Pick<Finding, "beside"> =
      otherwise > 0 ? { beside: [{ of: "other-connection", at: otherwise, spread: CONNECTION_SPREAD }] } : {};
    const seen = new Set(context.findings.map(({ test }) => test));
    const stamp = isUnsure ? "unsure" : stampOf(record, rows, amps, understanding, found);
    const limits = facts.fullLoadA === null ? null : ampsLimits(facts.fullLoadA, house);
    const detail: RunTestDetail = {
      rows,
      amps,
      question,
      understanding,
      isWorking: isAsked && answer === null,
      failure: !asked.ok ? asked.failure : answer && !answer.ok ? answer.failure : null,
      assumedType: asked.ok ? asked.value.motor.assumedType : null,
      narrowing: understanding?.narrowing ?? null,
      asksConnection: otherwise > ASKS_CONNECTION,
      isMiswired: facts.connectionSaid !== null && facts.isConnectionDoubted,
      slips,
    };
    return plainAssessment<RunTestDetail>(stamp, detail, {
      facts: isBlank(record)
        ? {}
        : {
            runFound: isTurning ? keyedFigures(record) : {},
            noisesFound: record.noises,
            hotPlaceFound: record.hotPlace,
            behaviourFound: record.behaviour,
            isShellCool: facts.isShellCool || record.warmth === "cool",
            mayTrip: facts.mayTrip || record.behaviour === "trips",
            complaints: refined(facts.complaints, record.behaviour),
            isConnectionDoubted: facts.isConnectionDoubted || otherwise > ASKS_CONNECTION,
          },
      // Volts at the motor were told by the supply station, how it turns by the hand, if these were worked.
      findings: withModel(found, understanding, context.findings)
        .map((finding): Finding => (finding.test === "run-amps" ? { ...finding, ...beside } : finding))
        .filter(({ test }) => !TOLD_BEFORE.includes(test) || !seen.has(test)),
      openTests: openTests(record, rows, facts),
      working: [...workingOfAmps("on the run test", amps, facts.fullLoadA, limits), ...workingOfModel(rows, understanding)],
    });
  },
});
