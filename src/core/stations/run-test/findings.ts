import type { Complaint } from "../../trade";
import type { Facts } from "../../facts";
import type { Finding, Outcome } from "../../diagnosis";
import type { HouseFigures } from "../../house";
import { stateOfBehaviour } from "../../motor";
import type { RunRow } from "./judge";
import type { Noise, RunTestRecord } from "./record";

/** What was seen and heard says nothing more where the complaint said it already. */
const SAID_ALREADY: Partial<Record<string, readonly Complaint[]>> = {
  "start-time/trips": ["trips-at-once", "trips-at-start"],
  "start-time/does-not-start": ["hums-no-start", "dead", "does-not-run"],
  "start-time/only-pushed": ["starts-with-push", "hums-no-start"],
  "start-time/slow": ["starts-slow"],
  "speed/slow": ["slow-or-weak"],
  "noise/hum": ["noisy-hum", "hums-no-start"],
  "noise/squeal": ["squeals"],
  "noise/rumble": ["rumbles"],
  "temperature/hot": ["runs-hot", "burning-smell"],
};

/** Whether the complaint says already what this test would show. */
export const isSaid = (test: Finding["test"], complaints: readonly Complaint[]): boolean =>
  Object.entries(SAID_ALREADY).some(([outcome, said]) => outcome.startsWith(`${test}/`) && said?.some((each) => complaints.includes(each)));

/** The noise that tells most, where there are several. */
const TELLING: readonly Noise[] = ["squeal", "rumble", "scrape", "rattle", "hum", "quiet"];
/** A capacitor branch that carries less than this part of what it should carries nothing. */
const AS_NOTHING = 0.08;
/** A rotor below this part of the speed it should have is held back, not merely slow. */
const FAR_BELOW = 0.85;

function startTimeFinding(record: RunTestRecord, row: RunRow | undefined, house: HouseFigures): Outcome<"start-time"> | null {
  if (record.behaviour === "only-pushed") return "only-pushed";
  if (record.behaviour === "trips") return "trips";
  if (record.behaviour === "hums" || record.behaviour === "dead") return "does-not-start";
  if (row?.value == null) return null;
  return row.value > Math.max(house.slowStartS, row.expected?.high ?? 0) ? "slow" : "quick";
}

function startAmpsFinding(row: RunRow | undefined): Outcome<"start-winding-amps"> | null {
  if (row?.value == null || row.position === null || row.expected === null) return null;
  if (row.position === "inside") return "as-expected";
  if (row.position === "above") return "high";
  return row.value < AS_NOTHING * row.expected.middle ? "none" : "low";
}

function speedFinding(row: RunRow | undefined): Outcome<"speed"> | null {
  const wanted = row?.expected?.middle ?? row?.plate;
  if (row?.value == null || wanted == null) return null;
  if (row.value < FAR_BELOW * wanted) return "far-below";
  const isSlow = row.position === null ? row.value < 0.98 * wanted : row.position === "below";
  return isSlow ? "slow" : "as-expected";
}

function warmthFinding(record: RunTestRecord, row: RunRow | undefined): Outcome<"temperature"> | null {
  if (record.hotPlace === "drive-end" || record.hotPlace === "other-end") return "end-hot";
  if (row?.position === "above" || record.warmth === "hot") return "hot";
  return row?.position === "inside" || record.warmth !== null ? "usual" : null;
}

/** A clamp shows less than this beside a live lead, and no start winding draws so little [A]. */
const CLAMP_NOISE_A = 0.05;

/** What it draws while it stands: a start winding that carries nothing is a finding by itself, the rest is weighed by the model. */
function standingFindings(lineA: RunRow | undefined, startA: RunRow | undefined): Finding[] {
  const isNone =
    startA?.value != null &&
    (startA.value < CLAMP_NOISE_A || (startA.expected !== null && startA.value < AS_NOTHING * startA.expected.middle)) &&
    (lineA?.value ?? CLAMP_NOISE_A) >= CLAMP_NOISE_A;
  return [
    ...(isNone ? [{ test: "start-winding-amps", weights: { none: 1 } } as const] : []),
    ...(lineA?.value != null || (startA?.value != null && !isNone) ? [{ test: "run-amps", weights: { standing: 1 } } as const] : []),
  ];
}

/** A wheel that stops soon is held by something, or is light: half a finding. */
const HELD_BACK = { tight: 0.5, free: 0.5 } as const;

/** What the run showed beside the line amps, as outcomes of tests the line-up knows. */
export function findingsOfRun(record: RunTestRecord, rows: readonly RunRow[], facts: Facts, house: HouseFigures): Finding[] {
  const row = (field: RunRow["field"]): RunRow | undefined => rows.find((each) => each.field === field);
  const isTurning = stateOfBehaviour(record.behaviour) === "running";
  const noise = TELLING.find((each) => record.noises.includes(each)) ?? null;
  const supply = row("supplyVolts")?.position ?? null;
  const found: { [T in Finding["test"]]?: string | null } = {
    "start-time": startTimeFinding(record, row("startTime"), house),
    "start-winding-amps": isTurning ? startAmpsFinding(row("startAmps")) : null,
    speed: isTurning ? speedFinding(row("speed")) : null,
    noise,
    temperature: warmthFinding(record, row("shell")),
    "hand-turn": row("coastDown")?.position === "below" ? "tight" : null,
    "supply-voltage": supply && (supply === "inside" ? "good" : "sags"),
  };
  const standing = record.behaviour === "hums" || record.behaviour === "dead" ? standingFindings(row("lineAmps"), row("startAmps")) : [];
  const others = Object.entries(found).flatMap(([test, outcome]): Finding[] => {
    if (!outcome || SAID_ALREADY[`${test}/${outcome}`]?.some((complaint) => facts.complaints.includes(complaint))) return [];
    if (test === "hand-turn") return [{ test, weights: HELD_BACK }];
    // Volts above the plate's are not a sag, and no suspect of their own.
    if (test === "supply-voltage" && supply === "above") return [];
    return [{ test, weights: { [outcome]: 1 } } as Finding];
  });
  return [...standing, ...others];
}
