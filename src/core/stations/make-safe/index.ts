import { field, recordOf } from "../../fields";
import { defineStation, plainAssessment, type Stamp, type StationContext, MomentSchema, NoteSchema } from "../../station";
import * as v from "valibot";
import { deadStretches, isPowerBack, type DeadStretch } from "../../job";
import { compareMoments } from "../../kept";
import type { Facts } from "../../facts";
import { figureOf, type Entry } from "../../quantity";
import { GONE } from "../../capacitor";
import { absenceOf } from "../../relevance";
import { makeSafeMigrations } from "./migrations";

/** Isolation steps in the order they are done. */
const ISOLATION_STEPS = ["control-off", "breaker-locked", "unplugged", "gas-off", "rotor-still", "interlocks-noted"] as const;
export type IsolationStep = (typeof ISOLATION_STEPS)[number];
/** Steps that some machines do not have. */
const STEP_NEEDS: Partial<Record<IsolationStep, (facts: Facts) => boolean>> = {
  "gas-off": ({ burnsGas }) => burnsGas === true,
  "rotor-still": (facts) => absenceOf("shaft", facts) === null,
};
/**
 * Isolation steps of this machine, in the order they are done.
 * @param facts what is known of the motor
 * @returns ids of steps
 */
export const isolationStepsOn = (facts: Facts): readonly IsolationStep[] =>
  ISOLATION_STEPS.filter((step) => STEP_NEEDS[step]?.(facts) ?? true);

/** A capacitor was seen on a motor of a type that has none: kept among the ticks, with its moment. Persisted. */
export const CAPACITOR_SEEN = "capacitor-seen";

/** Without one of these the circuit is not isolated at all. */
const ISOLATING: readonly IsolationStep[] = ["breaker-locked", "unplugged"];

export type ProofStep = "provenLive" | "circuitDead" | "provenLiveAgain";

const round = recordOf({
  steps: field.ticks(),
  provenLive: field.reading("voltage"),
  circuitDead: field.reading("voltage"),
  provenLiveAgain: field.reading("voltage"),
  capacitorVolts: field.reading("voltage"),
  /** none is fitted, it was taken out, or bridged; null: it is there, or nobody said otherwise */
  capacitorIs: field.oneOf(GONE),
  /** declared safe without measuring: by whom and when; stays on the traveller for ever */
  declared: field.own(v.nullable(v.object({ at: MomentSchema, by: NoteSchema })), null),
});
export type SafetyRound = typeof round.blank;

/** Far more than a motor is made safe on one visit. */
const MOST_ROUNDS = 500;

export const makeSafeRecord = recordOf({
  round: field.group(round.fields),
  /** earlier rounds on the same visit: kept, never edited */
  earlier: field.own(v.pipe(v.array(round.schema), v.maxLength(MOST_ROUNDS)), []),
});
export type MakeSafeRecord = typeof makeSafeRecord.blank;

export type SafetyLack =
  | "not-isolated"
  | "meter-not-proven"
  | "circuit-not-proven"
  /** it was measured dead before anything was switched off: that proves nothing */
  | "circuit-before-isolated"
  | "meter-not-proven-again"
  | "capacitor-not-measured"
  | "capacitor-before-isolated";

/** A dead stretch with what was left on circuit and capacitor when it began [V]; null: not measured. */
export interface MeasuredStretch extends DeadStretch {
  readonly circuitV: number | null;
  readonly capacitorV: number | null;
}

export interface MakeSafeDetail {
  /** `over`: it was safe, and power has come back since: all that was ticked and measured is of then */
  readonly state: "open" | "measured" | "declared" | "still-live" | "charged" | "over";
  readonly lacks: readonly SafetyLack[];
  /** isolation steps of this machine */
  readonly steps: readonly IsolationStep[];
  /** a motor of this type has no capacitor: no charge is asked for */
  readonly lacksCapacitor: boolean;
  /** there is one all the same: its charge is asked for */
  readonly isCapacitorSeen: boolean;
  /** when the last needed figure was taken, or it was declared, in the round in hand */
  readonly safeAt: string | null;
  /** stretches in which it was dead on this visit, in order, each with what was measured then; the last one may be open */
  readonly stretches: readonly MeasuredStretch[];
  readonly capacitorV: number | null;
  readonly circuitV: number | null;
  /** the plug was pulled */
  readonly isUnplugged: boolean;
  /** every time somebody declared it safe without measuring; empty when nobody did */
  readonly declaredAt: readonly string[];
}

export const BLANK_ROUND: SafetyRound = round.blank;

const voltsOf = (entry: Entry | null): number | null => figureOf(entry)?.value ?? null;

/** A meter is proven on a source it shows clearly, so well above what counts as dead. */
const isProof = (entry: Entry | null, safeVolts: number): boolean => (voltsOf(entry) ?? 0) > safeVolts;

/** Since when the circuit is isolated; null: it is not. */
function isolatedAt({ steps }: SafetyRound): string | null {
  const moments = ISOLATING.flatMap((step) => steps[step] ?? []);
  return moments.sort(compareMoments)[0] ?? null;
}

/** Volts taken before the circuit was isolated say nothing of what hands go into afterwards. */
function isTooEarly(entry: Entry | null, since: string | null): boolean {
  const at = entry?.reading?.at;
  return since !== null && at !== undefined && compareMoments(at, since) < 0;
}

/** What is not there keeps no charge; a bridged one may, where the bridge is none. */
const hasNoCharge = ({ capacitorIs }: SafetyRound): boolean => capacitorIs === "none-fitted" || capacitorIs === "removed";

function lacksOf(round: SafetyRound, safeVolts: number): SafetyLack[] {
  const since = isolatedAt(round);
  const isDead = (entry: Entry | null): boolean => (voltsOf(entry) ?? Infinity) <= safeVolts;
  const { circuitDead, capacitorVolts } = round;
  const leavesNoCharge = hasNoCharge(round);
  const rows: readonly (readonly [SafetyLack, boolean])[] = [
    ["not-isolated", since !== null],
    ["meter-not-proven", isProof(round.provenLive, safeVolts)],
    ["circuit-not-proven", isDead(circuitDead)],
    ["circuit-before-isolated", !isDead(circuitDead) || !isTooEarly(circuitDead, since)],
    ["meter-not-proven-again", isProof(round.provenLiveAgain, safeVolts)],
    ["capacitor-not-measured", leavesNoCharge || isDead(capacitorVolts)],
    ["capacitor-before-isolated", leavesNoCharge || !isDead(capacitorVolts) || !isTooEarly(capacitorVolts, since)],
  ];
  return rows.filter(([, isThere]) => !isThere).map(([lack]) => lack);
}

function latestMoment(round: SafetyRound): string | null {
  const moments = [
    ...Object.values(round.steps),
    ...[round.provenLive, round.circuitDead, round.provenLiveAgain, round.capacitorVolts].map((entry) => entry?.reading?.at),
  ].filter((moment): moment is string => typeof moment === "string");
  return moments.sort().at(-1) ?? null;
}

/** How a round stands by itself, whatever came after it. */
function stateOf(round: SafetyRound, safeVolts: number): Exclude<MakeSafeDetail["state"], "over"> {
  const [circuitV, capacitorV] = [voltsOf(round.circuitDead), voltsOf(round.capacitorVolts)];
  if (circuitV !== null && circuitV > safeVolts) return "still-live";
  if (!hasNoCharge(round) && capacitorV !== null && capacitorV > safeVolts) return "charged";
  if (lacksOf(round, safeVolts).length === 0) return "measured";
  return round.declared !== null ? "declared" : "open";
}

/** Since when a round has it safe; null: it has not. */
function safeSince(round: SafetyRound, safeVolts: number): string | null {
  const state = stateOf(round, safeVolts);
  return state === "measured" ? latestMoment(round) : state === "declared" ? (round.declared?.at ?? null) : null;
}

const STAMPS: Record<MakeSafeDetail["state"], Stamp> = {
  over: "noted",
  open: "not-done",
  measured: "holds",
  declared: "too-close",
  "still-live": "out",
  charged: "out",
};

/** Isolated, meter proven live–dead–live, capacitor measured: only then does the dead stretch open. */
export const makeSafeStation = defineStation({
  definition: {
    id: "make-safe",
    power: "to-dead",
    minutes: 4,
    tests: [],
    cautions: ["gas-off", "prove-dead", "stored-charge", "local-codes"],
  },
  ...makeSafeRecord,
  migrations: makeSafeMigrations,
  assess(record, { house, facts }: StationContext) {
    // A type that has no capacitor leaves no charge, unless somebody saw one or measured a charge all the same.
    const isSeen = record.round.capacitorVolts !== null || record.round.steps[CAPACITOR_SEEN] !== undefined;
    const lacksCapacitor = absenceOf("charge", facts) !== null;
    const asFound = (each: SafetyRound): SafetyRound => (lacksCapacitor && !isSeen ? { ...each, capacitorIs: "none-fitted" } : each);
    const round = asFound(record.round);
    const declaredAt = [...record.earlier, round].flatMap((each) => each.declared?.at ?? []);
    const lacks = lacksOf(round, house.safeVolts);
    const circuitV = voltsOf(round.circuitDead);
    const capacitorV = voltsOf(round.capacitorVolts);
    const safeAt = safeSince(round, house.safeVolts);
    const isOver = safeAt !== null && isPowerBack(facts.restoredAt, safeAt);
    const state = isOver ? "over" : stateOf(round, house.safeVolts);
    const rounds = [...record.earlier, record.round].flatMap((each) => {
      const from = safeSince(asFound(each), house.safeVolts);
      return from === null ? [] : [{ from, circuitV: voltsOf(each.circuitDead), capacitorV: voltsOf(each.capacitorVolts) }];
    });
    const stretches = deadStretches(
      rounds.map(({ from }) => from),
      facts.restoredAtAll,
    ).map((stretch) => ({ circuitV: null, capacitorV: null, ...rounds.find(({ from }) => from === stretch.from), ...stretch }));
    const deadSince = stretches.at(-1)?.from ?? null;
    const detail: MakeSafeDetail = {
      state,
      stretches,
      steps: isolationStepsOn(facts),
      lacksCapacitor,
      isCapacitorSeen: isSeen,
      lacks,
      safeAt,
      capacitorV,
      circuitV,
      isUnplugged: round.steps.unplugged !== undefined,
      declaredAt,
    };
    return plainAssessment(STAMPS[state], detail, {
      facts: {
        ...(deadSince === null ? {} : { power: safeAt !== null && !isOver ? ("dead" as const) : ("live" as const), deadSince }),
        ...(record.round.capacitorIs === null ? {} : { capacitorGone: record.round.capacitorIs }),
      },
    });
  },
});
