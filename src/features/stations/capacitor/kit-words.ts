import { POTENTIAL_COIL_OHM, PTC, type CrutchReason, type KitSort } from "@/core/capacitor";
import { formatNumber } from "@/core/quantity";

const kiloohm = (ohm: number): string => `${formatNumber(ohm / 1000, 0)} kΩ`;

/** Which sort it is, where it connects, and what it turns the motor into. */
export const KIT_WORDS: Record<KitSort, readonly string[]> = {
  ptc: [
    "Two wires, across the run capacitor: in parallel with it, polarity does not matter.",
    `Cold ${PTC.coldOhm.low} to ${PTC.coldOhm.high} Ω: for a moment the start winding hangs almost straight on the line; hot ${kiloohm(PTC.hotOhm)} and more: out of the way.`,
    `It makes the PSC motor a split-phase one for the first second. It must cool about ${PTC.coolMinutes} minutes between starts, or it does nothing.`,
    "Measure it cold and disconnected; an open or a charred one is replaced, never repaired.",
  ],
  "potential-relay": [
    "Start capacitor and relay contact in series, together across the run capacitor; the coil across the start winding.",
    "It makes the PSC motor a capacitor-start/capacitor-run one until the start winding's volts pull the relay in and the contact opens.",
    `Coil ${kiloohm(POTENTIAL_COIL_OHM.low)} to ${kiloohm(POTENTIAL_COIL_OHM.high)}, contact closed at rest; measure it unplugged, parallel paths mislead.`,
    "Start capacitor and relay are matched to the motor: the maker's list decides, not what is in the van.",
  ],
};

export const CRUTCH_WORDS: Record<CrutchReason, string> = {
  "weak-run-capacitor": "The run capacitor is out: put the right one in first, and see it start.",
  "low-volts": "The volts at the motor are low: mend the supply, or the kit only moves the trouble.",
  "short-cycling": "It cuts out and returns: pressures have no time to equalise. A delay helps, a kit does not.",
  "tight-compressor": "A compressor that hums may be tight: a kit makes it start a few more times and fail later. Say so to the owner.",
};

export const BLEED_WORDS = {
  unknown: "A bleed (usually 10 to 20 kΩ, 2 W) empties the part between starts and saves the switch contacts.",
  yes: "It may stay on for the meter; cheap meters then read a little off. On ohms the swing stops at its value instead of OL. Never trust it to have emptied the part: measure.",
  no: "Without a bleed the part keeps its charge: discharge and measure before hands go in, and fit one (10 to 20 kΩ, 2 W) where the switch contacts burn.",
} as const;
