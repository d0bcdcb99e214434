import { formatPercent, formatProbability, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import type { AmpsVerdict } from "@/core/stations/running-amps";

export type Detail = ReturnType<(typeof STATIONS)["prove"]["assess"]>["detail"];

export function ampsSentence(name: string, verdict: AmpsVerdict): string {
  const amps = formatQuantity("current", verdict.amps);
  if (verdict.fractionOfPlate === null || verdict.conformity === null) return `${name}: ${amps}. No amps on the plate to hold it against.`;
  const plate = `${amps}, ${formatPercent(verdict.fractionOfPlate)} of the plate`;
  const words = {
    holds: "within the limit.",
    out: "above the limit: overload, low volts, wrong capacitor, start winding left in, shorted turns or tight bearings.",
    "too-close": `too close to the limit to call with this clamp (within it with ${formatProbability(verdict.conformity.probabilityWithin)}).`,
  };
  return `${name}: ${plate}; ${words[verdict.conformity.decision]}`;
}

export function sentences(detail: Detail): string[] {
  const { before, after } = detail;
  const change =
    before && after
      ? [
          `${formatQuantity("current", Math.abs(after.amps - before.amps), after.standardUncertaintyA)} ${after.amps <= before.amps ? "less" : "more"} than before.`,
        ]
      : [];
  const both = [...(after ? [ampsSentence("After", after)] : []), ...(before ? [ampsSentence("Before", before)] : []), ...change];
  return both.length > 0 ? both : ["Covers and guards on, as it runs every day; then the line amps, clamp closed round one lead."];
}
