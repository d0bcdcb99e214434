import { capacitanceFromRunning, dischargeThrough, enumerateCombinations, timeToVoltsS } from "@/core/capacitor";
import { instrumentUncertainty, type Figure } from "@/core/quantity";
import { compare, type Miss, type ReferenceCase, type Tolerance } from "./case-file";

const NUMBERS = (record: Record<string, unknown>): Record<string, number> => record as Record<string, number>;

/** Capacitance from a running motor, with the data-sheet rows of both meters. */
export function checkRunning({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const i = NUMBERS(inputs);
  const measure = (value: number, percent: number, digits: number, resolution: number): Figure & { halfWidth: number } => {
    const found = instrumentUncertainty(value, [{ upTo: Infinity, percent, digits, resolution }]);
    return { value, standardUncertainty: found?.standard ?? 0, halfWidth: found?.halfWidth ?? 0 };
  };
  const amps = measure(i.i_aux_rms_a ?? 0, i.ammeter_pct ?? 0, i.ammeter_digits ?? 0, i.ammeter_resolution_a ?? 0);
  const volts = measure(i.v_capacitor_rms_v ?? 0, i.voltmeter_pct ?? 0, i.voltmeter_digits ?? 0, i.voltmeter_resolution_v ?? 0);
  const result = capacitanceFromRunning(amps, volts, i.f_hz ?? 0);
  if (!result.ok) return [{ field: "c_uf", expected: outputs.c_uf, got: result.failure.code }];
  const { capacitanceUf, standardUncertaintyUf, worstLowUf, worstHighUf } = result.value;
  const expanded = (i.coverage_factor ?? 2) * standardUncertaintyUf;
  const got = {
    c_uf: capacitanceUf,
    ammeter_halfwidth_a: amps.halfWidth,
    voltmeter_halfwidth_v: volts.halfWidth,
    standard_uncertainty_uf: standardUncertaintyUf,
    expanded_uncertainty_uf: expanded,
    expanded_uncertainty_pct: (100 * expanded) / capacitanceUf,
    worst_case_low_uf: worstLowUf,
    worst_case_high_uf: worstHighUf,
  };
  return compare(outputs, got, tolerance);
}

export function checkDischarge({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const { v0_v = 0, c_uf = 0, r_ohm = 0, v_safe_v = 0 } = NUMBERS(inputs);
  const found = dischargeThrough(v0_v, c_uf, r_ohm, v_safe_v);
  const got = {
    time_s: found.timeToSafeS,
    tau_s: found.tauS,
    peak_power_w: found.peakPowerW,
    peak_current_a: found.peakCurrentA,
    energy_j: found.energyJ,
    energy_dissipated_to_safe_j: found.energyToSafeJ,
    time_to_50v_s: timeToVoltsS(v0_v, found.tauS, 50),
    time_5tau_s: found.holdS,
  };
  return compare(outputs, got, tolerance);
}

interface Listed {
  readonly kind: string;
  readonly ids: readonly string[];
  readonly error_pct: number;
}

/** Within the brackets the order of parts means nothing. */
function signature({ kind, ids }: Pick<Listed, "kind" | "ids">): string {
  const sorted = kind.startsWith("(") ? [...ids.slice(0, 2)].sort().concat(ids.slice(2)) : [...ids].sort();
  return `${kind} ${sorted.join("+")}`;
}

/** Ties may come in any order: the count, the smallest error, and the whole list as a set are compared. */
export function checkCombinations({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const stock = inputs.stock as { id: string; c_uf: number; v_rating_v: number }[];
  const { target_uf = 0, tolerance_low_pct = 0, tolerance_high_pct = 0, v_working_v = 0, max_items = 3 } = NUMBERS(inputs);
  const found = enumerateCombinations(
    stock.map(({ id, c_uf, v_rating_v }) => ({ id, capacitanceUf: c_uf, ratedV: v_rating_v })),
    { capacitanceUf: target_uf, lowest: tolerance_low_pct / 100, highest: tolerance_high_pct / 100, workingV: v_working_v },
    max_items,
  );
  const best = found[0];
  const allowed = Number((tolerance as { best_abs_error_pct?: number }).best_abs_error_pct ?? 1e-6);
  const bestError = best ? Math.abs(100 * best.deviation) : null;
  const expectedError = outputs.best_abs_error_pct as number | null;
  const misses = compare({ count: outputs.count }, { count: found.length }, { count: "exact" });
  if (bestError === null || expectedError === null ? bestError !== expectedError : Math.abs(bestError - expectedError) > allowed)
    misses.push({ field: "best_abs_error_pct", expected: expectedError, got: bestError });
  const listed = (outputs.all ?? []) as Listed[];
  const here = new Set(found.map(signature));
  for (const each of listed) {
    if (!here.has(signature(each))) misses.push({ field: "all", expected: signature(each), got: null });
  }
  return misses;
}
