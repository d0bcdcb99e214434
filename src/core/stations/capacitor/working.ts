import { decideConformity, formatNumber, formatProbability, formatQuantity, type Entry } from "../../quantity";
import type { HouseFigures } from "../../house";
import type { SectionLimits } from "../../capacitor";
import type { WorkingStep } from "../contract";

const ORIGINS: Record<SectionLimits["origin"], string> = {
  "label-tolerance": "tolerance printed on the label",
  "printed-range": "range printed on the label",
  "house-rule": "house rule: the label shows no tolerance",
};

interface SectionFigures {
  readonly limits: SectionLimits | null;
  readonly readingUf: number | null;
}

/** The sums behind one section's verdict: limits, percent, uncertainty, guard band, probability. */
export function workingOfSection({ limits, readingUf }: SectionFigures, entry: Entry | null, house: HouseFigures): WorkingStep[] {
  if (limits === null) return [];
  const uf = (value: number, uncertainty = 0.1): string => formatQuantity("capacitance", value, uncertainty);
  const steps: WorkingStep[] = [
    {
      what: "Limits",
      formula: limits.origin === "printed-range" ? "as printed" : "rated × (1 + tolerance / 100)",
      numbers: limits.origin === "printed-range" ? "" : `rated ${uf(limits.ratedUf)}`,
      result: `${uf(limits.lowUf)} to ${uf(limits.highUf)}`,
      source: ORIGINS[limits.origin],
    },
  ];
  const reading = entry?.reading;
  if (readingUf === null || !reading) return steps;
  const u = reading.standardUncertainty ?? 0;
  const verdict = decideConformity({
    value: readingUf,
    standardUncertainty: u,
    limits: { low: limits.lowUf, high: limits.highUf },
    guardFactor: house.guardFactor,
    coverageFactor: house.coverageFactor,
  });
  return [
    ...steps,
    {
      what: "Percent of rated",
      formula: "100 × reading / rated",
      numbers: `100 × ${formatNumber(readingUf, 4)} / ${formatNumber(limits.ratedUf, 4)}`,
      result: `${formatNumber((100 * readingUf) / limits.ratedUf, 1)} % (${formatNumber((100 * readingUf) / limits.ratedUf - 100, 1)} %)`,
      source: "arithmetic",
    },
    {
      what: "Uncertainty of the meter",
      formula: "u = (p % of reading + n digits) / √3;  U = k u",
      numbers: `u = ${uf(u, u / 10)}, k = ${formatNumber(house.coverageFactor, 2)}`,
      result: `U = ±${uf(verdict.expandedUncertainty, verdict.expandedUncertainty)}`,
      source: `${reading.meter}; JCGM 100:2008, 4.3.7`,
    },
    {
      what: "Guard band and chance",
      formula: "holds inside limits − w, out beyond limits + w, w = factor × U;  P = Φ((high − x)/u) − Φ((low − x)/u)",
      numbers: `w = ${formatNumber(house.guardFactor, 2)} × ${uf(verdict.expandedUncertainty, verdict.expandedUncertainty)}`,
      result: `within limits with ${formatProbability(verdict.probabilityWithin)}`,
      source: "JCGM 106:2012, 7 and 8",
    },
  ];
}
