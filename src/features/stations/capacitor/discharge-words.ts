import { formatNumber, formatQuantity } from "@/core/quantity";
import type { DischargePlan } from "@/core/stations/capacitor";

const volts = (value: number): string => `${formatNumber(value, 0)} V`;

const ORIGINS: Record<DischargePlan["chargeOrigin"], string> = {
  keyed: "as keyed",
  label: "worst case by its label",
  line: "worst case, 1.8 × line",
  usual: "worst case: neither label nor line is known",
};

/** Rounded up to a tenth: what is asked for must not read like what was refused. */
const upTo = (watts: number): number => Math.ceil(watts * 10) / 10;

export const RESISTOR_WORDS: Record<DischargePlan["resistor"], (plan: DischargePlan) => string> = {
  bears: ({ resistorW }) => `A resistor of ${formatNumber(resistorW, 1)} W bears that.`,
  "bears-briefly": ({ resistorW, restS }) =>
    `A resistor of ${formatNumber(resistorW, 2)} W bears that as a short pulse, if it is wire-wound; let it cool ${formatNumber(Math.max(1, Math.ceil(restS)), 0)} s between two parts.`,
  "too-small": ({ resistorW, leastW }) =>
    `A resistor of ${formatNumber(resistorW, 2)} W is too small for that: take ${leastW === null ? "more ohms" : `one of ${formatNumber(upTo(leastW), 3)} W or more, or more ohms`}.`,
};

const REFUSALS = {
  forbidden: () => "The house rules do not allow a screwdriver here. Use the resistor.",
  "start-part": () => "Never short a start part: it is large, and its bleed may be broken. Use the resistor.",
  "too-large": (limitUf: number) => `Never short a part above ${formatNumber(limitUf, 0)} µF (house rule). Use the resistor.`,
} as const;

/** What the discharge takes, in the school chosen. */
export function dischargeSentences(plan: DischargePlan, school: "resistor" | "short"): string[] {
  const peak = `Up to ${volts(plan.peakV)} may stand on it (√2 × ${volts(plan.chargedFromV)}, ${ORIGINS[plan.chargeOrigin]}).`;
  if (school === "short") {
    return plan.shortRefused
      ? [peak, REFUSALS[plan.shortRefused.code](plan.shortRefused.limitUf)]
      : [
          peak,
          `It holds ${formatNumber(plan.sum.energyJ, 1)} J: a short arcs, can burn the tip and harm the part. Insulated handle, eyes away, once from terminal to terminal, then measure.`,
        ];
  }
  return [
    peak,
    `${formatNumber(plan.resistorOhm / 1000, 1)} kΩ brings it to ${volts(plan.safeV)} in ${formatNumber(plan.sum.timeToSafeS, 1)} s; hold it ${formatNumber(plan.holdS, 1)} s.`,
    `The resistor takes ${formatNumber(plan.sum.peakPowerW, 1)} W for an instant and ${formatNumber(plan.sum.energyJ, 1)} J in all. ${RESISTOR_WORDS[plan.resistor](plan)} It must be rated for ${volts(plan.peakV)}.`,
  ];
}

/** What the volts left mean. */
export function remainingSentence({ remaining, safeV }: DischargePlan): string {
  if (remaining === null) return "Time alone proves nothing: measure and write down what is left before hands go in.";
  return remaining.isSafe
    ? `${formatQuantity("voltage", remaining.volts)} left: at or below ${volts(safeV)}, it counts as discharged. A large part can creep back up: short it while you work on it.`
    : `${formatQuantity("voltage", remaining.volts)} left: not discharged. Put the resistor on again; if it does not fall, its joint is open or the part is still fed.`;
}
