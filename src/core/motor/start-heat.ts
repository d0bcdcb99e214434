import type { Machine } from "./machine";
import type { Start } from "./transient";

/** What starting does to the windings beside running. */
export interface StartHeat {
  /** left in both windings by one start [J] */
  readonly heatJ: number;
  /** time of running that leaves as much [s] */
  readonly asRunningS: number;
  /** starts in an hour that heat the windings as much as running all of it */
  readonly startsAnHour: number;
}

/**
 * Heat of one start against that of running at the settled currents.
 * @param machine which machine
 * @param start the start as worked out
 * @returns null for a motor that does not start: its heat only grows
 * @source IEC 60034-12, 9 (starts limited by the heat of the windings); Q = ∫ i² R dt
 */
export function startHeatOf(machine: Machine, start: Start): StartHeat | null {
  if (!start.hasStarted) return null;
  const runningW = start.settledMainA ** 2 * machine.mainResistanceOhm + start.settledStartA ** 2 * machine.startResistanceOhm;
  const heatJ = start.mainHeatJ + start.startHeatJ;
  if (!(runningW > 0) || !(heatJ > 0)) return null;
  return { heatJ, asRunningS: heatJ / runningW, startsAnHour: (3600 * runningW) / heatJ };
}
