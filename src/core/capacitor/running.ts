import type { Figure } from "../quantity";
import { fail, ok, type Failure, type Result } from "../result";

/** Capacitance told by a running motor. */
export interface RunningCapacitance {
  readonly capacitanceUf: number;
  readonly standardUncertaintyUf: number;
  /** with both meters at the far ends of their data sheets */
  readonly worstLowUf: number;
  readonly worstHighUf: number;
}

/** Below this the voltmeter is not across a working capacitor. */
const LEAST_VOLTS = 1;
const SQRT3 = Math.sqrt(3);

/**
 * Capacitance from amps in the capacitor's lead and volts across it while running: C = I / (2π f V), with first-order
 * propagation u(C)/C = √((u(I)/I)² + (u(V)/V)²). Series resistance in the part makes the figure a little low.
 * @param current amps rms in the lead of the capacitor alone, start devices out of it
 * @param volts volts rms across the capacitor, same moment
 * @param frequencyHz supply, 50 or 60
 * @returns capacitance [µF] with its standard uncertainty; worst case takes half-widths a = √3 u of rectangular data-sheet limits
 * @errors 'running-volts-too-low' when volts < 1; 'running-no-current' when current is zero
 * @source JCGM 100:2008, 5.1.6; any circuits text: I = V ωC
 * @example capacitanceFromRunning(2.87 A, 346.2 V, 60) -> 21.99 µF
 */
export function capacitanceFromRunning(current: Figure, volts: Figure, frequencyHz: number): Result<RunningCapacitance, Failure> {
  if (!(volts.value >= LEAST_VOLTS)) return fail({ code: "running-volts-too-low", volts: volts.value });
  if (!(current.value > 0)) return fail({ code: "running-no-current" });
  const toUf = (amps: number, across: number): number => (1e6 * amps) / (2 * Math.PI * frequencyHz * across);
  const [uI, uV] = [current.standardUncertainty, volts.standardUncertainty];
  const capacitanceUf = toUf(current.value, volts.value);
  const [aI, aV] = [SQRT3 * uI, SQRT3 * uV];
  return ok({
    capacitanceUf,
    standardUncertaintyUf: capacitanceUf * Math.hypot(uI / current.value, uV / volts.value),
    worstLowUf: toUf(Math.max(0, current.value - aI), volts.value + aV),
    worstHighUf: toUf(current.value + aI, Math.max(LEAST_VOLTS, volts.value - aV)),
  });
}

/**
 * Amps that a capacitor of this size would draw: I = 2π f C V.
 * @param capacitanceUf capacitance [µF]
 * @param voltsV across it [V]
 * @param frequencyHz of the mains [Hz]
 * @returns current [A]
 * @example capacitorCurrentA(35, 400, 60) = 5.27788
 */
export function capacitorCurrentA(capacitanceUf: number, voltsV: number, frequencyHz: number): number {
  return 2 * Math.PI * frequencyHz * capacitanceUf * 1e-6 * voltsV;
}
