import { defineStation, plainAssessment, type Stamp, type StationContext, MomentSchema, NoteSchema, TicksSchema } from "../../station";
import * as v from "valibot";
import { figureOf, EntrySchema, type Entry } from "../../quantity";

/** Isolation steps in the order they are done. */
export const ISOLATION_STEPS = ["control-off", "breaker-locked", "unplugged", "rotor-still", "interlocks-noted"] as const;
export type IsolationStep = (typeof ISOLATION_STEPS)[number];
/** Without one of these the circuit is not isolated at all. */
const ISOLATING: readonly IsolationStep[] = ["breaker-locked", "unplugged"];

export const PROOF_STEPS = ["provenLive", "circuitDead", "provenLiveAgain"] as const;
export type ProofStep = (typeof PROOF_STEPS)[number];

const RoundSchema = v.object({
  steps: TicksSchema,
  provenLive: v.nullable(EntrySchema),
  circuitDead: v.nullable(EntrySchema),
  provenLiveAgain: v.nullable(EntrySchema),
  capacitorVolts: v.nullable(EntrySchema),
  /** no capacitor fitted, so no charge to measure */
  hasNoCapacitor: v.boolean(),
  /** declared safe without measuring: by whom and when; stays on the traveller for ever */
  declared: v.nullable(v.object({ at: MomentSchema, by: NoteSchema })),
});
export type SafetyRound = v.InferOutput<typeof RoundSchema>;

/** Far more than a motor is made safe on one visit. */
const MOST_ROUNDS = 500;

const schema = v.object({
  round: RoundSchema,
  /** earlier rounds on the same visit: kept, never edited */
  earlier: v.pipe(v.array(RoundSchema), v.maxLength(MOST_ROUNDS)),
});
export type MakeSafeRecord = v.InferOutput<typeof schema>;

export type SafetyLack = "not-isolated" | "meter-not-proven" | "circuit-not-proven" | "meter-not-proven-again" | "capacitor-not-measured";

export interface MakeSafeDetail {
  readonly state: "open" | "measured" | "declared" | "still-live" | "charged";
  readonly lacks: readonly SafetyLack[];
  /** when the last needed figure was taken, or it was declared */
  readonly safeAt: string | null;
  readonly capacitorV: number | null;
  readonly circuitV: number | null;
  /** every time somebody declared it safe without measuring; empty when nobody did */
  readonly declaredAt: readonly string[];
}

export const BLANK_ROUND: SafetyRound = {
  steps: {},
  provenLive: null,
  circuitDead: null,
  provenLiveAgain: null,
  capacitorVolts: null,
  hasNoCapacitor: false,
  declared: null,
};

const voltsOf = (entry: Entry | null): number | null => figureOf(entry)?.value ?? null;

/** A meter is proven on a source it shows clearly, so well above what counts as dead. */
const isProof = (entry: Entry | null, safeVolts: number): boolean => (voltsOf(entry) ?? 0) > safeVolts;

function lacksOf(round: SafetyRound, safeVolts: number): SafetyLack[] {
  const circuitV = voltsOf(round.circuitDead);
  const rows: readonly (readonly [SafetyLack, boolean])[] = [
    ["not-isolated", ISOLATING.some((step) => round.steps[step] !== undefined)],
    ["meter-not-proven", isProof(round.provenLive, safeVolts)],
    ["circuit-not-proven", circuitV !== null && circuitV <= safeVolts],
    ["meter-not-proven-again", isProof(round.provenLiveAgain, safeVolts)],
    ["capacitor-not-measured", round.hasNoCapacitor || (voltsOf(round.capacitorVolts) ?? Infinity) <= safeVolts],
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

const STAMPS: Record<MakeSafeDetail["state"], Stamp> = {
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
    cautions: ["prove-dead", "stored-charge", "local-codes"],
  },
  schema,
  blank: { round: BLANK_ROUND, earlier: [] } as MakeSafeRecord,
  assess(record, { house }: StationContext) {
    const { round } = record;
    const declaredAt = [...record.earlier, round].flatMap((each) => each.declared?.at ?? []);
    const lacks = lacksOf(round, house.safeVolts);
    const circuitV = voltsOf(round.circuitDead);
    const capacitorV = voltsOf(round.capacitorVolts);
    const state: MakeSafeDetail["state"] =
      circuitV !== null && circuitV > house.safeVolts
        ? "still-live"
        : !round.hasNoCapacitor && capacitorV !== null && capacitorV > house.safeVolts
          ? "charged"
          : lacks.length === 0
            ? "measured"
            : round.declared !== null
              ? "declared"
              : "open";
    const safeAt = state === "measured" ? latestMoment(round) : state === "declared" ? (round.declared?.at ?? null) : null;
    const detail: MakeSafeDetail = {
      state,
      lacks,
      safeAt,
      capacitorV,
      circuitV,
      declaredAt,
    };
    return plainAssessment(STAMPS[state], detail, {
      facts: safeAt === null ? {} : { power: "dead", deadSince: safeAt },
    });
  },
});
