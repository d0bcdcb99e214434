import {
  conditionWith,
  estimateMotor,
  plateStates,
  SOUND,
  steadyState,
  toCircuit,
  type Machine,
  type MotorKnowledge,
  type Topology,
} from "@/core/motor";
import { quantileOfSorted } from "@/core/numeric";
import type { Miss, ReferenceCase } from "./case-file";

/** What a case gives away of its hidden motor. Ohms are cold ones; the capacitor's value is meant exactly. */
function knowledgeOf({ inputs }: ReferenceCase): MotorKnowledge {
  const figure = (name: string): number => Number(inputs[name]);
  const capacitor = (which: "run" | "start"): MotorKnowledge["runCapacitor"] =>
    figure(`c_${which}_uf`) > 0
      ? { capacitanceUf: figure(`c_${which}_uf`), toleranceFraction: 0.01, resistanceOhm: figure(`r_${which}_ohm`) }
      : null;
  const winding = (name: string): MotorKnowledge["main"] => ({ ohm: figure(name), standardOhm: 0.005 * figure(name), temperatureC: 25 });
  return {
    topology: String(inputs.topology) as Topology,
    loadLaw: "fan",
    machineKind: "fan",
    supplyV: figure("v_rms_v"),
    frequencyHz: figure("f_hz"),
    powerW: figure("shaft_power_w"),
    fullLoadA: figure("full_load_amps_a"),
    fullLoadRpm: figure("full_load_rpm"),
    lockedRotorA: inputs.locked_rotor_amps_a === null ? null : figure("locked_rotor_amps_a"),
    runCapacitor: capacitor("run"),
    startCapacitor: capacitor("start"),
    capacitorRatedV: inputs.capacitor_rating_v === null ? null : figure("capacitor_rating_v"),
    main: winding("r_main_cold_ohm"),
    start: winding("r_aux_cold_ohm"),
    warmC: 70,
  };
}

function predict(machine: Machine): Record<string, number> {
  const { rated, locked, lightLoad } = plateStates(machine);
  const sound = toCircuit(machine, SOUND);
  const weak = steadyState(toCircuit(machine, conditionWith({ runCapacitanceScale: 0.8 })), rated.slip, "run");
  return {
    i_line_rated_a: rated.lineA,
    i_main_rated_a: rated.mainA,
    i_aux_rated_a: rated.startA,
    v_capacitor_rated_v: rated.capacitorV,
    p_in_rated_w: rated.inputW,
    pf_rated: rated.powerFactor,
    efficiency_rated: rated.efficiency,
    i_line_at_slip_0p003_a: lightLoad.lineA,
    v_capacitor_at_slip_0p003_v: lightLoad.capacitorV,
    i_line_locked_a: locked.lineA,
    torque_start_nm: locked.shaftTorqueNm,
    i_line_rated_slip_run_cap_80pct_a: weak.lineA,
    torque_breakdown_nm: Math.max(...Array.from({ length: 200 }, (_, index) => steadyState(sound, (index + 1) / 200, "run").shaftTorqueNm)),
  };
}

interface Outcome {
  readonly field: string;
  readonly withLockedAmps: boolean;
  readonly errorPercent: number;
  readonly isInside: boolean;
}
const outcomes: Outcome[] = [];

/** The ensemble's range is its middle 94 %. */
const RANGE = [0.03, 0.97] as const;

/** Judged: that there is an estimate, with the poles of the hidden motor. The errors are a distribution: see the summary. */
export function checkNameplate(reference: ReferenceCase): Miss[] {
  const found = estimateMotor(knowledgeOf(reference));
  if (!found.ok) return [{ field: "estimate", expected: "a motor", got: found.failure.code }];
  const truth = reference.outputs.true_values as Record<string, number>;
  const best = predict(found.value.machine);
  const all = found.value.members.map(predict);
  for (const [field, value] of Object.entries(best)) {
    const actual = truth[field];
    if (!actual) continue;
    const sorted = all.map((one) => one[field] ?? NaN).sort((a, b) => a - b);
    outcomes.push({
      field,
      withLockedAmps: reference.inputs.locked_rotor_amps_a !== null,
      errorPercent: Math.abs(value / actual - 1) * 100,
      isInside: actual >= quantileOfSorted(sorted, RANGE[0]) && actual <= quantileOfSorted(sorted, RANGE[1]),
    });
  }
  const poles = (reference.outputs.true_parameters as Record<string, unknown> | undefined)?.poles ?? reference.outputs.poles;
  return poles === undefined || poles === found.value.machine.poles
    ? []
    : [{ field: "poles", expected: poles, got: found.value.machine.poles }];
}

/** Errors at the 90th percentile and share of true values inside the range, over all cases seen. */
export function summarizeNameplate(): string[] {
  const fields = [...new Set(outcomes.map(({ field }) => field))];
  return fields.map((field) => {
    const of = (isWith: boolean): string => {
      const chosen = outcomes.filter((outcome) => outcome.field === field && outcome.withLockedAmps === isWith);
      if (chosen.length === 0) return "none";
      const errors = chosen.map(({ errorPercent }) => errorPercent).sort((a, b) => a - b);
      const inside = chosen.filter(({ isInside }) => isInside).length;
      return `error p90 ${quantileOfSorted(errors, 0.9).toFixed(1)} %, ${inside} of ${chosen.length} inside`;
    };
    return `${field}: without locked amps ${of(false)}; with ${of(true)}`;
  });
}
