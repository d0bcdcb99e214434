import { ACTION_TABLE, cheapestAction, costModel, rankActions, settledCost } from "@/core/decision";
import { chooseMove, TESTS, weighEvidence, type ActionId, type Complaint, type Finding, type TestId } from "@/core/diagnosis";
import { DEFAULT_METER, toHouseFigures } from "@/core/house";
import type { MachineKind, MotorType } from "@/core/motor";
import { takeReading, type Entry, type Quantity } from "@/core/quantity";
import { assessTraveller, type StationEntries } from "@/core/stations";
import { STATIONS } from "@/core/stations";
import { studyNow } from "@/core/stations/studies";
import type { Miss, ReferenceCase } from "./case-file";

type Raw = Record<string, unknown> & { readonly test: string };
const AT = "2026-01-01T00:00:00.000Z";
const HOUSE = toHouseFigures({});

const entry = (figure: unknown, isOver: unknown, quantity: Quantity): Entry =>
  takeReading(isOver === true || figure === null ? "OL" : String(figure), quantity, DEFAULT_METER, AT).entry;

/** Raw figures go through the station that takes them, as if they had been keyed. */
const TO_RECORD: Record<string, (raw: Raw) => StationEntries> = {
  "hand-turn": (raw) => ({
    "hand-turn": {
      skippedReason: null,
      data: {
        ...STATIONS["hand-turn"].blank,
        turn: raw.turn,
        radialPlay: raw.radial_play ?? null,
        rubs: raw.rubs ?? null,
      },
    },
  }),
  "capacitor-meter": (raw) => {
    const label = `${String(raw.rated_uf)} µF ${String(raw.tolerance_low_pct)} +${String(raw.tolerance_high_pct)}% ${String(raw.role)}`;
    const reading = entry(raw.reading_uf, raw.reading_word === "short", "capacitance");
    return {
      capacitor: {
        skippedReason: null,
        data: { ...STATIONS.capacitor.blank, label, readings: [reading], overLimit: raw.reading_word === "short" ? "shorted" : null },
      },
    };
  },
  "frame-ohms": (raw) => {
    const reading = entry(raw.ohm, raw.over_limit, "resistance");
    return { frame: { skippedReason: null, data: { ...STATIONS.frame.blank, readings: [reading, reading, reading] } } };
  },
  "run-amps": (raw) => ({
    prove: {
      skippedReason: null,
      data: { ...STATIONS.prove.blank, before: { ...STATIONS.prove.blank.before, lineAmps: entry(raw.amps, false, "current") } },
    },
  }),
  "supply-voltage": (raw) => ({
    supply: {
      skippedReason: null,
      data: {
        ...STATIONS.supply.blank,
        standing: entry(raw.idle_v, false, "voltage"),
        starting: raw.starting_v === null ? null : entry(raw.starting_v, false, "voltage"),
      },
    },
  }),
  "uncoupled-run": (raw) => ({
    "uncoupled-run": {
      skippedReason: null,
      data: { ...STATIONS["uncoupled-run"].blank, result: raw.runs === true ? "runs" : "does-not-run" },
    },
  }),
  "winding-ohms": (raw) => {
    const pairs = raw.pairs as { a: string; b: string; ohm: number | null; over_limit: boolean }[];
    const names = [...new Set(pairs.flatMap(({ a, b }) => [a, b]))];
    return {
      windings: {
        skippedReason: null,
        data: {
          ...STATIONS.windings.blank,
          posts: names.map((name) => ({ name, x: 0.5, y: 0.5 })),
          pairs: pairs.map(({ a, b, ohm, over_limit }) => ({
            a: names.indexOf(a),
            b: names.indexOf(b),
            entry: entry(ohm, over_limit, "resistance"),
          })),
        },
      },
    };
  },
  "switch-ohms": (raw) => {
    const contact = (ohm: unknown, isOver: unknown): Entry | null =>
      ohm === undefined && isOver === undefined ? null : entry(ohm, isOver, "resistance");
    return {
      "start-gear": {
        skippedReason: null,
        data: {
          ...STATIONS["start-gear"].blank,
          sort: "switch",
          switch: {
            ...STATIONS["start-gear"].blank.switch,
            atRest: contact(raw.at_rest_ohm, raw.at_rest_over_limit),
            actuated: contact(raw.actuated_ohm, raw.actuated_over_limit),
          },
        },
      },
    };
  },
};

/** Checks what must be concluded: likeliest suspect, bounds on probabilities, next test, action. */
export function checkDiagnosis({ inputs, outputs }: ReferenceCase): Miss[] {
  const motor = inputs.motor as Record<string, unknown>;
  const raws = inputs.findings as Raw[];
  const complaints = inputs.complaints as Complaint[];
  const entries: StationEntries = {
    plate: {
      skippedReason: null,
      data: {
        ...STATIONS.plate.blank,
        motorType: motor.type,
        machineKind: motor.machine,
        volts: String(motor.supply_v),
        hertz: String(motor.f_hz),
        amps: String(motor.full_load_a),
        rpm: String(motor.full_load_rpm),
      },
    },
    complaint: { skippedReason: null, data: { complaints, said: "" } },
  };
  for (const raw of raws) Object.assign(entries, TO_RECORD[raw.test]?.(raw) ?? {});
  const findings: readonly Finding[] = assessTraveller(entries, HOUSE, [], studyNow).findings;
  const standing = weighEvidence({ type: motor.type as MotorType, machine: motor.machine as MachineKind }, { complaints, findings });
  const model = costModel(HOUSE, motor.machine as MachineKind);
  const actions = rankActions(standing.hypotheses, model);
  const action: ActionId = actions[0]?.action ?? "no-repair";
  const hand = TESTS.filter((test) => !raws.some((raw) => raw.test === test));
  const move = chooseMove(
    standing.hypotheses,
    findings,
    { hand, power: "dead", machine: motor.machine as MachineKind },
    { now: (hypotheses) => cheapestAction(hypotheses, model), settled: (faults) => settledCost(faults, model) },
    { action, checkFirst: ACTION_TABLE[action].checkFirst },
  );
  const next: TestId | null = move.kind === "decide" ? null : move.offer.test;

  const misses: Miss[] = [];
  const probability = (id: string): number => standing.suspects.find((s) => s.suspect === id)?.probability ?? 0;
  const top = standing.suspects.find((s) => s.suspect !== "no-fault")?.suspect;
  const isOneOf = (field: string, got: unknown, shouldBe: boolean): void => {
    const listed = outputs[field];
    if (Array.isArray(listed) && listed.includes(got) !== shouldBe) misses.push({ field, expected: listed, got });
  };
  isOneOf("top", top, true);
  isOneOf("action", action, true);
  isOneOf("action_not", action, false);
  if (next !== null) {
    isOneOf("next", next, true);
    isOneOf("next_not", next, false);
  }
  if (outputs.stop === true && move.kind === "test") misses.push({ field: "stop", expected: true, got: next });
  for (const [id, least] of Object.entries((outputs.p_min as Record<string, number> | undefined) ?? {})) {
    if (probability(id) < least) misses.push({ field: `p_min.${id}`, expected: least, got: probability(id) });
  }
  for (const [id, most] of Object.entries((outputs.p_max as Record<string, number> | undefined) ?? {})) {
    if (probability(id) > most) misses.push({ field: `p_max.${id}`, expected: most, got: probability(id) });
  }
  return misses;
}
