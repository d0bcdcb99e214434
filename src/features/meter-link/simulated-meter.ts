import type { MeterFunction, MeterShows } from "@/core/meter-line";
import { shownText } from "@/core/hold";
import type { Entry, Quantity } from "@/core/quantity";
import { standInMeter, type MeterLink } from "@/devices/meter";

/** Where the tips are; null: they hang in the air. */
export interface TipsOn {
  readonly quantity: Quantity;
  readonly entry: Entry;
  readonly sinceMs: number;
}

let tips: TipsOn | null = null;
let set: Quantity = "resistance";

/** Puts the tips somewhere, or lifts them. What the meter is set to goes with them. */
export function putTips(next: Omit<TipsOn, "sinceMs"> | null): void {
  tips = next && { ...next, sinceMs: performance.now() };
  if (next) set = next.quantity;
}

/** What an untouched instrument shows. */
const APART: Readonly<Record<Quantity, string>> = {
  resistance: "OL",
  insulation: "OL",
  capacitance: "0.00 µF",
  current: "0.00 A",
  voltage: "0.0 V",
  temperature: "22.0 °C",
  speed: "0 rpm",
  duration: "0.0 s",
};
/** A contact is made, and a figure stands, after so long [ms]. */
const MADE_MS = 250;
/** Time constant in which a meter comes to a large part [ms a µF]. */
const CHARGE_MS = 4;

function shows(atMs: number): MeterShows {
  const is = (display: string, quantity: MeterFunction = set): MeterShows => ({ display, function: quantity });
  if (tips === null || atMs - tips.sinceMs < MADE_MS) return is(APART[set]);
  const { entry, quantity, sinceMs } = tips;
  const value = entry.reading?.value ?? null;
  if (quantity !== "capacitance" || value === null || value < 20) return is(shownText(entry), quantity);
  const reached = value * (1 - Math.exp(-(atMs - sinceMs) / (CHARGE_MS * value)));
  return is(`${reached.toFixed(/\.(\d*)/.exec(entry.text)?.[1]?.length ?? 0)} µF`, quantity);
}

/** A meter that is none: it shows what the simulated motor gives where the tips are. */
export const simulatedMeter = (): MeterLink => standInMeter({ shows, nowMs: () => performance.now() });
