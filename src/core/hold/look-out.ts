import type { MeterShows } from "../meter-line";
import { parseReading, type Quantity } from "../quantity";
import { COARSE_COUNTS } from "./hold-table";

/** What is wrong with what a meter shows, or is set to. */
export type LookOut = "live-volts" | "volts-on-leads" | "wrong-function" | "coarse-range" | "beyond-range";

/** What is known where the meter is used. */
export interface HandIn {
  /** what is asked for; null: nothing is */
  readonly wanted: Quantity | null;
  /** the place that is asked for, by its name; null: none takes what the meter is set to */
  readonly asked: string | null;
  readonly isDead: boolean;
  /** above it a conductor is live [V] */
  readonly safeVolts: number;
}

/** Digits of kilo and mega: plain ohms have no finer range to go to. */
const FINER_FROM = 1;

/**
 * What to say at once of what a meter shows; what can hurt comes first.
 * @returns null: nothing
 */
export function lookOut({ display, function: set }: MeterShows, { wanted, isDead, safeVolts }: HandIn): LookOut | null {
  const read = set === "other" ? null : parseReading(display.replace(/^-/, ""), set);
  const figure = read?.ok && read.value.kind === "value" ? read.value : null;
  if (set === "voltage" && isDead && figure && Math.abs(figure.value) > safeVolts) return "live-volts";
  // An ohmmeter shows less than nothing where something else drives a current through it.
  if (set === "resistance" && /^-.*[1-9]/.test(display)) return "volts-on-leads";
  if (wanted === null) return null;
  if (set !== wanted) return "wrong-function";
  if (wanted === "capacitance" && read?.ok && read.value.kind === "over-limit") return "beyond-range";
  const isCoarse = wanted === "resistance" && figure && figure.step >= FINER_FROM && figure.value / figure.step < COARSE_COUNTS;
  return isCoarse ? "coarse-range" : null;
}
