import { conditionWith, type CapacitorPart, type Condition, type LoadLaw, type Machine, type PartState, type Topology } from "@/core/motor";

type Fields = Record<string, unknown>;
const number = (fields: Fields, name: string): number => Number(fields[name]);

function capacitorOf(fields: Fields, which: "run" | "start"): CapacitorPart | null {
  const capacitanceUf = number(fields, `c_${which}_uf`);
  return capacitanceUf > 0 ? { capacitanceUf, resistanceOhm: number(fields, `r_${which}_ohm`) } : null;
}

/** The motor of a case file. */
export function machineOf(fields: Fields): Machine {
  return {
    topology: fields.topology as Topology,
    poles: number(fields, "poles"),
    frequencyHz: number(fields, "f_hz"),
    supplyV: number(fields, "v_rms_v"),
    mainResistanceOhm: number(fields, "r1_main_ohm"),
    mainReactanceOhm: number(fields, "x1_main_ohm"),
    startResistanceOhm: number(fields, "r1_aux_ohm"),
    startReactanceOhm: number(fields, "x1_aux_ohm"),
    rotorResistanceOhm: number(fields, "r2_ohm"),
    rotorReactanceOhm: number(fields, "x2_ohm"),
    magnetizingReactanceOhm: number(fields, "xm_ohm"),
    turnsRatio: number(fields, "turns_ratio_aux_to_main"),
    coreResistanceOhm: fields.r_core_ohm === null ? null : number(fields, "r_core_ohm"),
    windageSyncW: number(fields, "p_friction_windage_sync_w"),
    inertiaKgm2: number(fields, "inertia_kgm2"),
    runCapacitor: capacitorOf(fields, "run"),
    startCapacitor: capacitorOf(fields, "start"),
    switchFraction: number(fields, "switch_speed_fraction"),
    load: {
      law: fields.load_law as LoadLaw,
      ratedTorqueNm: number(fields, "load_torque_rated_nm"),
      ratedRpm: number(fields, "load_rated_rpm"),
    },
  };
}

/** The modifiers of a case file as a condition of the motor. */
export function conditionOf(fields: Fields): Condition {
  return conditionWith({
    voltageScale: number(fields, "supply_voltage_scale"),
    frequencyScale: number(fields, "supply_frequency_scale"),
    runCapacitanceScale: number(fields, "run_capacitance_scale"),
    startCapacitanceScale: number(fields, "start_capacitance_scale"),
    runCapacitor: fields.run_capacitor as PartState,
    startCapacitor: fields.start_capacitor as PartState,
    startWinding: fields.aux_winding as "ok" | "open",
    mainWinding: fields.main_winding as "ok" | "open",
    shortedMainFraction: number(fields, "shorted_fraction_of_main_turns"),
    startSwitch: String(fields.centrifugal_switch).replace("_", "-") as Condition["startSwitch"],
    loadScale: fields.load === "none" ? 0 : 1,
    isJammed: fields.load === "jam",
  });
}
