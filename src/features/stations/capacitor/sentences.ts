import { formatNumber, formatPercent, formatProbability, formatQuantity } from "@/core/quantity";
import type { PartMismatch } from "@/core/capacitor";
import type { STATIONS } from "@/core/stations";
import type { SectionVerdict } from "@/core/stations/capacitor";

export type CapacitorDetail = ReturnType<(typeof STATIONS)["capacitor"]["assess"]>["detail"];

const uf = (value: number, uncertainty = 0.1): string => formatQuantity("capacitance", value, uncertainty);
const list = (values: readonly number[]): string => values.map((value) => formatNumber(value, 2)).join(" + ");

const MISMATCHES: { readonly [Code in PartMismatch["code"]]: (m: Extract<PartMismatch, { code: Code }>) => string } = {
  "wrong-value": (m) => `Wrong part: the plate asks for ${list(m.askedUf)} µF, fitted is ${list(m.fittedUf)} µF.`,
  "lower-volts": (m) => `Wrong part: the plate asks for ${m.askedV} V, fitted bears ${m.fittedV} V only. Never lower.`,
  "wrong-kind": (m) => `Wrong part: a ${m.fitted} capacitor where the plate asks for a ${m.asked} one. The two are never swapped.`,
};

/** How far inside or outside the nearer limit a figure lies. */
function distance({ readingUf, limits }: SectionVerdict): { uf: number; side: "low" | "high"; isInside: boolean } | null {
  if (readingUf === null || limits === null) return null;
  const toLow = readingUf - limits.lowUf;
  const toHigh = limits.highUf - readingUf;
  const side = toLow < toHigh ? "low" : "high";
  const margin = Math.min(toLow, toHigh);
  return { uf: Math.abs(margin), side, isInside: margin >= 0 };
}

/** What one section's figure means. */
export function sectionSentences(section: SectionVerdict, recheckDays: number): string[] {
  if (section.isOverLimit) {
    return [
      "OL on the capacitance range: the part is shorted, or the meter's range is too small. Check on ohms: near zero that stays is a short.",
    ];
  }
  const gap = distance(section);
  const { conformity, limits } = section;
  if (!gap || !conformity || !limits || section.readingUf === null) return [];
  const limit = `${gap.side} limit, ${uf(gap.side === "low" ? limits.lowUf : limits.highUf)}`;
  const chance = `Chance that it is within limits: ${formatProbability(conformity.probabilityWithin)}.`;
  const by = uf(gap.uf, conformity.expandedUncertainty);
  const good = `this meter is good to ±${uf(conformity.expandedUncertainty, conformity.expandedUncertainty)}`;
  switch (conformity.decision) {
    case "holds":
      return [`It reads ${by} inside the ${limit}; ${good}. It holds.`, chance];
    case "out":
      return [
        `It reads ${by} ${gap.side === "low" ? "below" : "above"} the ${limit}; ${good}. It is out.`,
        "A motor that ran on it for weeks may be hurt: check windings and frame before only swapping the part.",
      ];
    case "too-close":
      return [
        `It reads ${by} ${gap.isInside ? "inside" : "outside"} the ${limit}, and ${good}. ${chance}`,
        `A meter good to ±${uf(gap.uf, gap.uf)} would settle it; so would amps and volts while running. Until then: leave it and look again in ${formatNumber(recheckDays, 0)} days, or replace it, since the part is cheap and the visit is not.`,
      ];
  }
}

/** Every sentence about the part, the wrong part first. */
export function capacitorSentences(detail: CapacitorDetail, recheckDays: number): string[] {
  if (detail.state === "none-fitted") return ["This type of motor has no capacitor. If one is fitted, type its label."];
  if (detail.state === "no-label")
    return [
      detail.failure
        ? "The label cannot be read yet: mend it, then type what the meter shows."
        : "Type the label as printed, then what the meter shows.",
    ];
  const mismatches = detail.mismatches.map((m) => (MISMATCHES[m.code] as (m: PartMismatch) => string)(m));
  const sections = detail.sections.flatMap((section) => {
    const name = detail.sections.length > 1 ? `${section.terminal ?? `Section ${detail.sections.indexOf(section) + 1}`}: ` : "";
    return sectionSentences(section, recheckDays).map((sentence, index) => (index === 0 ? name + sentence : sentence));
  });
  const all = [...mismatches, ...sections];
  return all.length > 0
    ? all
    : ["Power off, discharged, one side disconnected, fingers off the tips: wait for the figure to settle, then type it."];
}

/** What was understood of the label, shown back. */
export function labelReadBack(detail: CapacitorDetail): string | null {
  if (detail.state !== "label") return null;
  const { label, sections } = detail;
  const values = label.sections.map(
    (s) =>
      (s.nominalUf === null ? `${formatNumber(s.lowUf ?? 0, 2)} to ${formatNumber(s.highUf ?? 0, 2)}` : formatNumber(s.nominalUf, 3)) +
      (s.terminal ? ` (${s.terminal})` : ""),
  );
  const origin = sections[0]?.limits?.origin;
  return [
    `${label.kind === "run" ? "Run" : "Start"} capacitor (${label.kindReason})`,
    `${values.join(" + ")} µF`,
    label.ratedV === null ? "no volts given" : formatQuantity("voltage", label.ratedV),
    origin === "house-rule" ? "no tolerance on the label: house rule" : null,
    label.notes.length > 0 ? `kept as a note: ${label.notes.join(" ")}` : null,
  ]
    .filter((part) => part !== null)
    .join(" · ");
}

/** Percent of rated, with the deviation. */
export function percentFigure(section: SectionVerdict | undefined): string | null {
  if (section?.fractionOfRated == null) return null;
  const deviation = section.fractionOfRated - 1;
  return `${formatPercent(section.fractionOfRated, 1)} of rated (${deviation < 0 ? "−" : "+"}${formatPercent(Math.abs(deviation), 1)})`;
}
