import { parseCapacitorLabel, printCapacitorLabel } from "@/core/capacitor";
import { speedAndPoles } from "@/core/motor";
import { decideConformity, parseReading, QUANTITIES, type Quantity } from "@/core/quantity";
import { checkCombinations, checkDischarge, checkRunning } from "./capacitor-checkers";
import { checkDesignation, checkDimensions, checkFrequencies } from "./bearing-checkers";
import { checkComplaints } from "./complaint-checker";
import { compare, type Miss, type ReferenceCase, type Tolerance } from "./case-file";
import { checkBoard } from "./board-checker";
import { checkDiagnosis } from "./diagnosis-checker";
import { checkGraded } from "./graded-checker";
import { checkDynamic, checkFaults, checkSteady } from "./motor-checkers";
import { checkNameplate, summarizeNameplate } from "./nameplate-checker";
import { checkMatch } from "./match-checker";
import { checkPlateField } from "./plate-checker";
import { checkPairsNeeded, reportPairsNeeded } from "./pairs-needed";
import { checkTrace } from "./traces-checker";
import { checkWorld, summarizeWorld } from "./world-checker";
import { checkInsulationTemperature, checkLeads, checkWindingTemperature } from "./winding-checkers";

type Checker = (reference: ReferenceCase, tolerance: Tolerance) => Miss[];

/** Units that case files call otherwise. */
const UNIT_NAMES: Readonly<Record<string, string>> = { megohm: "mohm" };

const checkReading: Checker = ({ inputs, outputs, may_refuse: mayRefuse = false }, tolerance) => {
  const quantity = inputs.quantity as Quantity;
  const result = parseReading(String(inputs.text), quantity);
  if (!result.ok && mayRefuse) return [];
  const got = result.ok
    ? {
        value: result.value.kind === "over-limit" ? null : result.value.value,
        unit: UNIT_NAMES[QUANTITIES[quantity].base] ?? QUANTITIES[quantity].base,
        over_limit: result.value.kind === "over-limit",
        lower_bound: result.value.kind === "lower-bound",
        refused: false,
      }
    : { value: null, unit: null, over_limit: false, lower_bound: false, refused: true };
  return compare(outputs, got, tolerance);
};

const checkLabel: Checker = ({ inputs, outputs, may_refuse: mayRefuse = false }, tolerance) => {
  const result = parseCapacitorLabel(String(inputs.text));
  if (!result.ok) return outputs.refused === true || mayRefuse ? [] : [{ field: "text", expected: outputs, got: result.failure.code }];
  if (outputs.refused === true) return [{ field: "text", expected: "refused", got: printCapacitorLabel(result.value) }];
  const { sections, ratedV, kind } = result.value;
  const got = {
    sections: sections.map((s) => ({
      nominal_uf: s.nominalUf,
      low_uf: s.lowUf,
      high_uf: s.highUf,
      terminal: s.terminal,
    })),
    rated_v: ratedV,
    kind,
  };
  return compare(outputs, got, tolerance);
};

const DECISIONS = { holds: "accept", out: "reject", "too-close": "undecided" } as const;

const checkConformity: Checker = ({ inputs, outputs }, tolerance) => {
  const input = inputs as Record<string, number | null>;
  const coverageFactor = input.coverage_factor ?? 2;
  const verdict = decideConformity({
    value: input.reading ?? 0,
    standardUncertainty: (input.expanded_uncertainty ?? 0) / coverageFactor,
    limits: { low: input.lower_limit ?? null, high: input.upper_limit ?? null },
    guardFactor: input.guard_factor ?? 1,
    coverageFactor,
  });
  return compare(outputs, { decision: DECISIONS[verdict.decision], p_conform: verdict.probabilityWithin }, tolerance);
};

const checkSpeed: Checker = ({ inputs, outputs }, tolerance) => {
  const found = speedAndPoles(Number(inputs.full_load_rpm), Number(inputs.f_hz));
  if (found === null) return [{ field: "poles", expected: outputs.poles, got: null }];
  return compare(outputs, { poles: found.poles, sync_rpm: found.syncRpm, slip: found.slip, candidates: found.candidates }, tolerance);
};

/** One checker a set. Cases of a set without one fail: nothing passes unseen. */
export const CHECKERS: Record<string, Checker> = {
  meter_readings: checkReading,
  plate_fields: checkPlateField,
  motor_match: checkMatch,
  complaint_phrases: checkComplaints,
  capacitor_labels: checkLabel,
  conformity: checkConformity,
  cap_from_running: checkRunning,
  rc_discharge: checkDischarge,
  cap_combinations: checkCombinations,
  speed_and_poles: checkSpeed,
  diagnosis: checkDiagnosis,
  diagnosis_world: checkWorld,
  graded_evidence: checkGraded,
  board_elements: checkBoard,
  lead_identification: checkLeads,
  lead_pairs_needed: checkPairsNeeded,
  winding_temperature: checkWindingTemperature,
  insulation_temperature: checkInsulationTemperature,
  motor_steady: checkSteady,
  motor_faults: checkFaults,
  motor_dynamic: checkDynamic,
  nameplate_estimation: checkNameplate,
  bearing_designations: checkDesignation,
  bearing_dimensions: checkDimensions,
  bearing_frequencies: checkFrequencies,
  meter_traces: checkTrace,
};

/** Sets that are distributions are shown beside the listed figures as well. */
export const REPORTS: Record<string, (reference: ReferenceCase) => string> = { lead_pairs_needed: reportPairsNeeded };

/** What a whole set says, printed after its cases. */
export const SUMMARIES: Record<string, () => string[]> = { nameplate_estimation: summarizeNameplate, diagnosis_world: summarizeWorld };

/**
 * Checks one case; whatever it throws is a miss of this case, with its words, and the others go on.
 * @returns no misses: it passes
 */
export function checkCase(set: string, reference: ReferenceCase, tolerance: Tolerance): Miss[] {
  const checker = Object.hasOwn(CHECKERS, set) ? CHECKERS[set] : undefined;
  if (!checker) return [{ field: "set", expected: "a set that is computed", got: `${set}: no quantity of it is computed yet` }];
  try {
    return checker(reference, tolerance);
  } catch (error) {
    return [{ field: "case", expected: "an answer", got: error instanceof Error ? error.message : String(error) }];
  }
}
