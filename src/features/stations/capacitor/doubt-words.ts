import { formatNumber, formatQuantity } from "@/core/quantity";
import type { Doubt } from "@/core/capacitor";

const uf = (value: number): string => formatQuantity("capacitance", value, Math.max(value / 1000, 0.0001));

/** What probably happened, and what to type or do. */
const DOUBTS: { readonly [Code in Doubt["code"]]: (doubt: Extract<Doubt, { code: Code }>) => string } = {
  "thousand-high": ({ readingUf, ratedUf }) =>
    `${uf(readingUf)} is about a thousand times the label (${uf(ratedUf)}): the meter most likely shows nF. Type the n behind the figure, ${formatNumber(readingUf, 0)}n.`,
  "thousand-low": ({ readingUf, ratedUf }) =>
    `${uf(readingUf)} is about a thousandth of the label (${uf(ratedUf)}): either the part is open, or the meter shows mF. Look at the unit on the display; if it says mF, type ${formatNumber(readingUf * 1000, 2)}.`,
  "other-path": () =>
    "Another path lies across the part, so the meter reads more than the capacitor. Take one lead off and read again; both, if other paths remain.",
  unsettled: () =>
    "A figure that does not come to rest is no reading: fingers off the tips, clips on, wait some seconds with a large part. If it still wanders, the part leaks or is not discharged.",
  "volts-in-amps": ({ amps }) =>
    `${formatNumber(amps, 1)} A in a capacitor's lead is not likely: this looks like volts. Type the clamp's figure here.`,
  "amps-in-volts": ({ volts }) =>
    `${formatNumber(volts, 2)} V across a working capacitor is not likely: this looks like amps. Type the volts across its two terminals here.`,
  "volts-below-line": ({ volts, supplyV }) =>
    `${formatNumber(volts, 0)} V is less than the line (${formatNumber(supplyV, 0)} V); a working run capacitor sees 1.1 to 1.8 times the line. Check that the probes sit on its two terminals and that the motor runs at speed.`,
  "start-device-in-lead": () =>
    "With a start capacitor, relay or kit in the clamped lead the amps are not the run capacitor's alone. Clamp the lead behind the branch, or take the start device out, and read again.",
  "frequency-unknown": () => "The sum needs the hertz of the supply: choose 50 or 60.",
};

export const doubtSentence = (doubt: Doubt): string => (DOUBTS[doubt.code] as (doubt: Doubt) => string)(doubt);
