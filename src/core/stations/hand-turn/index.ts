import { field, recordOf } from "../../fields";
import type { TestId } from "../../trade";
import { defineStation, plainAssessment, type Stamp } from "../../station";
import type { Facts } from "../../facts";
import { HAND_FIELDS, judgeHand, type HandVerdict, type PlayVerdict, type Turn } from "../../bearing";
export { type Turn } from "../../bearing";
import { isOnMachine, type Finding, type MeasuredLikelihood, type Outcome } from "../../diagnosis";
import { type WorkingStep, formatNumber } from "../../quantity";
import { handTurnMigrations } from "./migrations";

/** Which end it is felt at. Persisted: do not change without a migration. */
const FELT_ENDS = ["drive-end", "other-end", "both"] as const;
export type FeltEnd = (typeof FELT_ENDS)[number];

/** How it turns with belt, wheel or pump off, power off. Persisted: do not change without a migration. */
const UNLOADED_TURNS = ["free", "rough", "tight", "seized"] as const;
export type UnloadedTurn = (typeof UNLOADED_TURNS)[number];

export const handTurnRecord = recordOf({
  ...HAND_FIELDS,
  feltAt: field.oneOf(FELT_ENDS),
  unloaded: field.oneOf(UNLOADED_TURNS),
  note: field.note(),
});
type HandTurnRecord = typeof handTurnRecord.blank;

export interface HandTurnDetail {
  readonly state: "not-done" | "welded-shell" | "felt";
  readonly turn: Turn | null;
  readonly outcome: Outcome<"hand-turn"> | null;
  readonly verdict: HandVerdict;
  readonly unloaded: UnloadedTurn | null;
  /** something held it, so it is worth turning again with its load off */
  readonly asksUnloaded: boolean;
}

const STAMPS: Record<Outcome<"hand-turn">, Stamp> = {
  free: "holds",
  "end-play": "out",
  rough: "out",
  "rough-with-play": "out",
  tight: "out",
  seized: "out",
};

function workingOf(what: string, play: PlayVerdict | null): WorkingStep[] {
  if (!play) return [];
  const { valueMm, limitMm, conformity } = play;
  return [
    {
      what,
      formula: "out above limit + w, holds below limit − w; w = guard factor × U",
      numbers: `${formatNumber(valueMm, 3)} mm, limit ${formatNumber(limitMm, 3)} mm, U = ${formatNumber(conformity.expandedUncertainty, 3)} mm`,
      result: { holds: "holds", out: "out", "too-close": "too close" }[conformity.decision],
      source: "house rules; JCGM 106:2012, 8",
    },
  ];
}

/**
 * Nothing but bearings and wheel can hold a wheel that sits on the shaft: where the plate's card says so; else on a fan, and
 * on a blower with a capacitor for life.
 */
const isOnShaft = ({ machineKind, motorType, drive }: Facts): boolean =>
  (machineKind === "fan" || machineKind === "blower") &&
  (drive === null ? machineKind === "fan" || motorType === "psc" || motorType === "shaded-pole" : drive === "direct");

/**
 * How likely such a motor feels so, over the likeliest cause: with the wheel on the shaft tight and seized are the bearings,
 * or a wheel that rubs; there is no belt or pump behind it. Trade judgement.
 */
const ON_SHAFT: Partial<Record<Outcome<"hand-turn">, MeasuredLikelihood>> = {
  tight: { "bearing-seized": 1, "bearing-worn": 0.6, "driven-load": 0.25, "no-fault": 0.06 },
  seized: { "bearing-seized": 1, "driven-load": 0.05, "no-fault": 0.01 },
};

/** Held with pump, belt or drum on it, a jammed load is as likely as the bearings until they are parted. Trade judgement. */
const COUPLED: Partial<Record<Outcome<"hand-turn">, MeasuredLikelihood>> = {
  seized: { "driven-load": 1, "bearing-seized": 0.6, "no-fault": 0.01 },
};
const isCoupled = (facts: Facts): boolean =>
  !isOnShaft(facts) && facts.machineKind !== "other" && isOnMachine("hand-turn-unloaded", facts.machineKind);

/** Turned again with its load off, as an outcome of that test. */
const UNLOADED_OUTCOME: Record<UnloadedTurn, Outcome<"hand-turn-unloaded">> = {
  free: "free",
  rough: "rough",
  tight: "held",
  seized: "held",
};
const unloadedFindings = (unloaded: UnloadedTurn | null): Finding[] =>
  unloaded === null ? [] : [{ test: "hand-turn-unloaded", weights: { [UNLOADED_OUTCOME[unloaded]]: 1 } }];

/** What holds a shaft is asked again without its load; a welded shell has none to take off. */
const asksUnloaded = ({ turn }: HandTurnRecord, machine: Facts["machineKind"]): boolean =>
  (turn === "tight" || turn === "seized" || turn === "rough") && isOnMachine("hand-turn-unloaded", machine);

/** What touches, and turns freely otherwise: a wheel on its housing sooner than a rotor on its stator. Trade judgement. */
const RUBS: MeasuredLikelihood = { "driven-load": 1, "bearing-worn": 0.5, "bearing-seized": 0.15, "no-fault": 0.08 };
const rubsOnly = ({ turn, rubs, radialPlay }: HandTurnRecord): boolean =>
  rubs === true && turn !== "rough" && turn !== "tight" && turn !== "seized" && radialPlay !== true;

function onMachine(weights: NonNullable<HandVerdict["weights"]>, facts: Facts): Pick<Finding, "measured"> {
  const table = isOnShaft(facts) ? ON_SHAFT : isCoupled(facts) ? COUPLED : {};
  const [[only] = [], ...others] = Object.entries(weights);
  const measured = others.length === 0 ? table[only as Outcome<"hand-turn">] : undefined;
  return measured ? { measured } : {};
}

/** Turn by hand: free, rough, tight, seized; play across and along the shaft, by hand or indicator; rubbing. */
export const handTurnStation = defineStation({
  definition: {
    id: "hand-turn",
    power: "dead",
    reads: ["bearings"],
    minutes: 1,
    tests: ["hand-turn", "hand-turn-unloaded"],
    needs: "shaft",
    cautions: ["moving-parts"],
  },
  ...handTurnRecord,
  migrations: handTurnMigrations,
  assess(record, { facts, house }) {
    const verdict = judgeHand(record, house);
    const { outcome, weights, radial, end } = verdict;
    const { unloaded } = record;
    const more = unloadedFindings(unloaded);
    const isAsked = asksUnloaded(record, facts.machineKind);
    const isNotDone = outcome === null && record.turn !== "cannot-reach" && unloaded === null;
    const openTests: TestId[] = [
      ...(isNotDone ? (["hand-turn"] as const) : []),
      ...(isAsked && unloaded === null ? (["hand-turn-unloaded"] as const) : []),
    ];
    const working = [...workingOf("Radial play by indicator", radial), ...workingOf("End play by indicator", end)];
    if (outcome !== null && weights !== null) {
      const own = rubsOnly(record) ? { measured: RUBS } : onMachine(weights, facts);
      const findings: Finding[] = [{ test: "hand-turn", weights, ...own }, ...more];
      const isClose = [radial, end].some((play) => play?.conformity.decision === "too-close");
      const isOut = weights[outcome] === 1 && outcome !== "free";
      return plainAssessment<HandTurnDetail>(
        isClose && !isOut ? "too-close" : STAMPS[outcome],
        { state: "felt", turn: record.turn, outcome, verdict, unloaded, asksUnloaded: isAsked },
        { findings, openTests, working, facts: { turnsFree: record.turn === "free", handFound: record } },
      );
    }
    const isWelded = facts.machineKind === "hermetic-compressor";
    const isAnswered =
      isWelded || more.length > 0 || record.turn === "cannot-reach" || record.note.trim() !== "" || radial !== null || end !== null;
    return plainAssessment<HandTurnDetail>(
      isAnswered ? "noted" : "not-done",
      {
        state: isWelded ? "welded-shell" : isAnswered ? "felt" : "not-done",
        turn: record.turn,
        outcome,
        verdict,
        unloaded,
        asksUnloaded: isAsked,
      },
      { findings: isWelded ? [] : more, openTests: isAnswered ? [] : openTests, working },
    );
  },
});
