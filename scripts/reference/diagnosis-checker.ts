import { COMPLAINTS, TESTS, type ActionId, type Complaint, type TestId, type MachineKind } from "@/core/trade";
import { assessTraveller } from "@/core/traveller";
import { ACTION_TABLE, cheapestAction, costModel, isServed, settledCost, type RepairSite } from "@/core/decision";
import { chooseMove, type Finding, type Standing } from "@/core/diagnosis";
import { toHouseFigures } from "@/core/house";
import { studyNow } from "@/core/study/answer";
import type { Miss, ReferenceCase } from "./case-file";
import { toEntries, type RawFinding } from "./diagnosis-records";

const HOUSE = toHouseFigures({});

/** What was concluded of one case. */
export interface Concluded {
  readonly standing: Standing;
  readonly action: ActionId;
  readonly findings: readonly Finding[];
  readonly raws: readonly RawFinding[];
  readonly complaints: readonly Complaint[];
  readonly machine: MachineKind;
  readonly site: RepairSite;
}

/** Puts a case through the stations, the line-up and the decision. @errors throws for what nothing here knows */
export function conclude({ inputs, schema_version: version = 2 }: ReferenceCase): Concluded {
  const motor = inputs.motor as Record<string, unknown>;
  const raws = inputs.findings as RawFinding[];
  const complaints = inputs.complaints as Complaint[];
  const unknown = complaints.filter((complaint) => !(COMPLAINTS as readonly string[]).includes(complaint));
  if (unknown.length > 0) throw new Error(`unknown complaint: ${unknown.join(", ")}`);
  const machine = motor.machine as MachineKind;
  const { findings, standing, actions, site } = assessTraveller(toEntries(motor, complaints, raws, version < 2), HOUSE, [], studyNow);
  const action = actions[0]?.action ?? "no-repair";
  return { site, standing, action, findings, raws, complaints, machine };
}

/**
 * The action as the case files' vocabulary has it, which knows no drying: below its limit a motor gets no power and is another
 * one unless drying brings it back; above it, it stays and is measured again.
 */
export function actionInCases({ action, findings }: Concluded): ActionId {
  if (action !== "dry-out") return action;
  return findings.some(({ test, weights }) => test === "insulation" && "bad" in weights) ? "replace-motor" : "keep-until";
}

/** Tests that a finding answers: its own; and whoever saw it start by itself needs no push and knows that it starts. */
const answers = (raw: RawFinding, test: TestId): boolean =>
  raw.test === test ||
  (test === "hand-turn-unloaded" && raw.test === "hand-turn" && raw.load === "off") ||
  (raw.test === "run-behaviour" && raw.does === "starts" && (test === "start-time" || test === "push-start"));

const isTrip = (complaint: Complaint): boolean => complaint.startsWith("trips-");

function nextTest({ standing, action, findings, raws, machine, site, complaints }: Concluded): TestId | null {
  const model = costModel(HOUSE, site);
  const move = chooseMove(
    standing.hypotheses,
    findings,
    {
      hand: TESTS.filter((test) => !raws.some((raw) => answers(raw, test))),
      power: "dead",
      machine,
      mayTrip: complaints.some(isTrip) || raws.some(({ does }) => does === "trips"),
    },
    { now: (hypotheses) => cheapestAction(hypotheses, model), settled: (faults) => settledCost(faults, model), serves: isServed },
    { action, checkFirst: ACTION_TABLE[action].checkFirst },
  );
  return move.kind === "decide" ? null : move.offer.test;
}

export const probabilityOf = ({ suspects }: Standing, id: string): number => suspects.find((s) => s.suspect === id)?.probability ?? 0;

/** Fields of outputs that are judged; another one would pass unseen. */
const OUTPUTS = ["top", "p_min", "p_max", "next", "next_not", "stop", "action", "action_not"];

/** Checks what must be concluded: likeliest suspect, bounds on probabilities, next test, action. */
export function checkDiagnosis(reference: ReferenceCase): Miss[] {
  const { outputs } = reference;
  const strange = Object.keys(outputs).filter((field) => !OUTPUTS.includes(field));
  if (strange.length > 0) throw new Error(`unknown output: ${strange.join(", ")}`);
  const concluded = conclude(reference);
  const { standing } = concluded;
  const action = actionInCases(concluded);
  const next = nextTest(concluded);
  const misses: Miss[] = [];
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
  if (outputs.stop === true && next !== null) misses.push({ field: "stop", expected: true, got: next });
  for (const [id, least] of Object.entries((outputs.p_min as Record<string, number> | undefined) ?? {})) {
    const got = probabilityOf(standing, id);
    if (got < least) misses.push({ field: `p_min.${id}`, expected: least, got });
  }
  for (const [id, most] of Object.entries((outputs.p_max as Record<string, number> | undefined) ?? {})) {
    const got = probabilityOf(standing, id);
    if (got > most) misses.push({ field: `p_max.${id}`, expected: most, got });
  }
  return misses;
}
