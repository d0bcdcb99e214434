import {
  hasStarted,
  restFromStandstill,
  restWhenRunning,
  simulateStart,
  steadyState,
  toCircuit,
  type Circuit,
  type SteadyState,
  type SwitchState,
} from "@/core/motor";
import { compare, type Miss, type ReferenceCase, type Tolerance } from "./case-file";
import { conditionOf, machineOf } from "./motor-case";

function circuitOf({ inputs }: ReferenceCase): Circuit {
  return toCircuit(machineOf(inputs.motor as Record<string, unknown>), conditionOf(inputs.modifiers as Record<string, unknown>));
}

/** Below this part of the apparent power the sign of the reactive one is rounding. */
const PF_KIND_FLOOR = 1e-3;

/** One operating point at a given slip. */
export function checkSteady(reference: ReferenceCase, tolerance: Tolerance): Miss[] {
  const circuit = circuitOf(reference);
  const at = steadyState(circuit, Number(reference.inputs.slip), reference.inputs.switch_state as SwitchState);
  const got = {
    speed_rpm: at.speedRpm,
    i_main_a: at.main,
    i_aux_a: at.start,
    i_line_a: at.line,
    i_main_rms_a: at.mainA,
    i_aux_rms_a: at.startA,
    i_line_rms_a: at.lineA,
    v_aux_winding_rms_v: at.startWindingV,
    v_external_branch_rms_v: at.externalV,
    v_capacitor_rms_v: at.capacitorV,
    p_in_w: at.inputW,
    q_in_var: at.inputVar,
    pf: at.powerFactor,
    pf_kind: at.inputVar >= 0 ? "lagging" : "leading",
    torque_em_mean_nm: at.torqueNm,
    torque_double_frequency_amplitude_nm: at.pulsatingTorqueNm,
    torque_shaft_nm: at.shaftTorqueNm,
    p_copper_main_w: at.mainCopperW,
    p_copper_aux_w: at.startCopperW,
    p_external_branch_w: at.externalW,
    p_rotor_w: at.rotorW,
    p_core_w: at.coreW,
    p_mech_w: at.torqueNm * at.speedRadS,
    p_friction_windage_w: at.windageW,
    p_shaft_w: at.shaftW,
    efficiency: at.efficiency,
    i_forward_rms_a: at.forwardA,
    i_backward_rms_a: at.backwardA,
  };
  const isSignRounding = Math.abs(at.inputVar) < PF_KIND_FLOOR * at.lineA * circuit.voltageV;
  const expected = Object.fromEntries(Object.entries(reference.outputs).filter(([field]) => !(field === "pf_kind" && isSignRounding)));
  return compare(expected, got, { ...tolerance, absolute: Number(tolerance.absolute_floor ?? 0) });
}

/** Absolute tolerances are listed by kind of unit; a field takes the one its last part names. */
function byUnit(field: string, absolute: Record<string, number>): number {
  if (field === "pf") return absolute.pf ?? 0;
  const unit = field.split("_").at(-1) ?? "";
  const own = { rpm: "speed_rpm", a: "i_a", v: "v_v", nm: "torque_nm", w: "p_w", uf: "c_uf" }[unit];
  return own ? (absolute[own] ?? 0) : 0;
}

function pointOf(at: SteadyState, circuit: Circuit): Record<string, unknown> {
  return {
    speed_rpm: at.speedRpm,
    i_line_rms_a: at.lineA,
    i_main_rms_a: at.mainA,
    i_aux_rms_a: at.startA,
    v_capacitor_rms_v: at.capacitorV,
    v_external_branch_rms_v: at.externalV,
    c_implied_uf: at.capacitorV > 0 ? (at.startA / (circuit.omega * at.capacitorV)) * 1e6 : 0,
    p_in_w: at.inputW,
    pf: at.powerFactor,
    torque_double_frequency_amplitude_nm: at.pulsatingTorqueNm,
    torque_shaft_nm: at.shaftTorqueNm,
  };
}

/** Standstill, settled from rest, and already running, with one fault. */
export function checkFaults(reference: ReferenceCase, tolerance: Tolerance): Miss[] {
  const circuit = circuitOf(reference);
  const standstill = steadyState(circuit, 1, "start");
  const rest = restFromStandstill(circuit);
  const running = restWhenRunning(circuit);
  const got = {
    starting_torque_shaft_nm: standstill.shaftTorqueNm,
    standstill: pointOf(standstill, circuit),
    started_from_rest: hasStarted(circuit, rest.steady),
    rest_state: rest.state,
    settled_from_rest: pointOf(rest.steady, circuit),
    if_already_running: running && pointOf(running, circuit),
  };
  const isShorted = circuit.condition.runCapacitor === "short" || circuit.condition.startCapacitor === "short";
  const absolute = (tolerance.absolute ?? {}) as unknown as Record<string, number>;
  return compare(reference.outputs, got, { relative: 0, absolute: 0 }).filter(({ field, expected, got: found }) => {
    const leaf = field.split(".").at(-1) ?? field;
    if (leaf === "c_implied_uf" && isShorted) return false;
    if (typeof expected !== "number" || typeof found !== "number") return true;
    const margin = Math.max(byUnit(leaf, absolute), Number(tolerance.relative ?? 0) * Math.abs(expected));
    return !(Math.abs(expected - found) <= margin);
  });
}

/** Starting from rest over time. */
export function checkDynamic(reference: ReferenceCase, tolerance: Tolerance): Miss[] {
  const { inputs, outputs } = reference;
  const start = simulateStart(circuitOf(reference), {
    endS: Number(inputs.t_end_s),
    phaseRad: (Number(inputs.supply_phase_deg) * Math.PI) / 180,
    initialRpm: Number(inputs.initial_speed_rpm),
  });
  if (!start.ok) return [{ field: "started", expected: outputs.started, got: start.failure.code }];
  const found = start.value;
  const got = {
    started: found.hasStarted,
    final_speed_rpm: found.finalRpm,
    time_to_90pct_of_final_speed_s: found.timeTo90S,
    switch_open_time_s: found.switchOpenS,
    i_line_peak_a: found.peakLineA,
    i_main_settled_rms_a: found.settledMainA,
    i_aux_settled_rms_a: found.settledStartA,
    i_line_settled_rms_a: found.settledLineA,
    v_run_capacitor_terminals_settled_rms_v: found.settledCapacitorV,
    v_run_capacitor_peak_v: found.peakCapacitorV,
    torque_settled_mean_nm: found.settledTorqueNm,
  };
  return compare(outputs, got, tolerance);
}
