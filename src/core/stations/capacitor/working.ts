import { type WorkingStep, formatNumber, formatProbability, formatQuantity, type Entry } from "../../quantity";
import type { HouseFigures } from "../../house";
import type { JointVerdict, SectionLimits } from "../../capacitor";
import type { DischargePlan } from "./discharge-plan";
import type { RunningVerdict, SectionVerdict } from "./section";
import type { Trend } from "./trend";

const ORIGINS: Record<SectionLimits["origin"], string> = {
  "label-tolerance": "tolerance printed on the label",
  "printed-range": "range printed on the label",
  "house-rule": "house rule: the label shows no tolerance",
};

const uf = (value: number, uncertainty = 0.1): string => formatQuantity("capacitance", value, uncertainty);

function limitsStep(limits: SectionLimits): WorkingStep {
  const isPrinted = limits.origin === "printed-range";
  return {
    what: "Limits",
    formula: isPrinted ? "as printed" : "rated × (1 + tolerance / 100)",
    numbers: isPrinted ? "" : `rated ${uf(limits.ratedUf)}`,
    result: `${uf(limits.lowUf)} to ${uf(limits.highUf)}`,
    source: ORIGINS[limits.origin],
  };
}

function runningSteps({ amps, volts, frequencyHz, found }: RunningVerdict, k: number): WorkingStep[] {
  return [
    {
      what: "Capacitance while running",
      formula: `C = I / (2π f V) = ${formatNumber(1e6 / (2 * Math.PI * frequencyHz), 1)} × A / V`,
      numbers: `1 000 000 × ${formatNumber(amps.value, 3)} A / (2π × ${frequencyHz} Hz × ${formatNumber(volts.value, 1)} V)`,
      result: uf(found.capacitanceUf, found.standardUncertaintyUf),
      source: "I = V ωC; start devices out of the lead",
    },
    {
      what: "Uncertainty of the running figure",
      formula: "u(C) / C = √((u(I) / I)² + (u(V) / V)²);  U = k u",
      numbers: `u(I) = ${formatNumber(amps.standardUncertainty, 3)} A, u(V) = ${formatNumber(volts.standardUncertainty, 2)} V, k = ${formatNumber(k, 2)}`,
      result: `U = ±${uf(k * found.standardUncertaintyUf, found.standardUncertaintyUf)}; at worst ${uf(found.worstLowUf, found.standardUncertaintyUf)} to ${uf(found.worstHighUf, found.standardUncertaintyUf)}`,
      source: "JCGM 100:2008, 5.1.6",
    },
  ];
}

function jointStep({ agreement, difference, capacitanceUf, standardUncertaintyUf }: JointVerdict): WorkingStep[] {
  if (difference === null) return [];
  const isSame = agreement === "agree";
  return [
    {
      what: "Do the two methods agree?",
      formula: isSame
        ? "|running − meter| ≤ k √(u₁² + u₂²);  C = (C₁/u₁² + C₂/u₂²) / (1/u₁² + 1/u₂²)"
        : "|running − meter| > k √(u₁² + u₂²): running overrules",
      numbers: `difference ${formatNumber(difference.capacitanceUf, 2)} µF against ±${formatNumber(difference.expandedUf, 2)} µF`,
      result: `${isSame ? "they agree" : "they do not"}; judged: ${uf(capacitanceUf, standardUncertaintyUf)}`,
      source: "JCGM 100:2008, 5.1; weighted mean: Bevington & Robinson, eq. 4.17",
    },
  ];
}

/** The sums behind one section's verdict: limits, percent, uncertainty, running figure, agreement, guard band, chance. */
export function workingOfSection(section: SectionVerdict, entry: Entry | null, house: HouseFigures): WorkingStep[] {
  const { limits, joint, meter, running, volts } = section;
  if (limits === null) return [];
  const steps: WorkingStep[] = [limitsStep(limits)];
  if (joint === null) return steps;
  const k = house.coverageFactor;
  if (meter) {
    const u = meter.standardUncertaintyUf;
    steps.push({
      what: "Uncertainty of the meter",
      formula: "u = (p % of reading + n digits) / √3;  U = k u",
      numbers: `u = ${uf(u, u / 10)}, k = ${formatNumber(k, 2)}`,
      result: `U = ±${uf(k * u, k * u)}`,
      source: `${entry?.reading?.meter ?? "meter"}; JCGM 100:2008, 4.3.7`,
    });
  }
  if (running) steps.push(...runningSteps(running, k));
  steps.push(...jointStep(joint));
  const { conformity, capacitanceUf } = joint;
  const percent = (100 * capacitanceUf) / limits.ratedUf;
  steps.push(
    {
      what: "Percent of rated",
      formula: "100 × reading / rated",
      numbers: `100 × ${formatNumber(capacitanceUf, 4)} / ${formatNumber(limits.ratedUf, 4)}`,
      result: `${formatNumber(percent, 1)} % (${formatNumber(percent - 100, 1)} %)`,
      source: "arithmetic",
    },
    {
      what: "Guard band and chance",
      formula: "holds inside limits − w, out beyond limits + w, w = factor × U;  P = Φ((high − x)/u) − Φ((low − x)/u)",
      numbers: `w = ${formatNumber(house.guardFactor, 2)} × ${uf(conformity.expandedUncertainty, conformity.expandedUncertainty)}`,
      result: `within limits with ${formatProbability(conformity.probabilityWithin)}`,
      source: "JCGM 106:2012, 7 and 8",
    },
  );
  if (volts) {
    steps.push({
      what: "Volts across it against its rating",
      formula: "holds up to rating − w",
      numbers: `${formatQuantity("voltage", volts.measuredV)} against ${formatQuantity("voltage", volts.ratedV)}`,
      result: `below the rating with ${formatProbability(volts.conformity.probabilityWithin)}`,
      source: "label; JCGM 106:2012, 8",
    });
  }
  return steps;
}

/** How the rate of change was found. */
export function workingOfTrend({ drift, earlier }: Trend): WorkingStep[] {
  if (drift === null) return [];
  return [
    {
      what: "Change over the visits",
      formula: "line through the readings, each weighted by 1/u²",
      numbers: `${earlier.length} earlier readings`,
      result: `${formatNumber(drift.perYearUf, 3)} ± ${formatNumber(drift.perYearExpandedUf, 3)} µF a year`,
      source: "Bevington & Robinson, ch. 6; dates by Fieller (1954)",
    },
  ];
}

const CHARGE_ORIGINS: Record<DischargePlan["chargeOrigin"], string> = {
  keyed: "volts as keyed",
  label: "volts on the label, the most it should ever see",
  line: "1.8 × line, the most a winding raises it",
  usual: "440 V: neither label nor line known",
};

/** The sums behind the discharge. */
export function workingOfDischarge(plan: DischargePlan): WorkingStep[] {
  const { sum } = plan;
  return [
    {
      what: "Discharge through the resistor",
      formula: "V₀ = √2 V rms;  t = R C ln(V₀ / V safe);  hold 5 R C",
      numbers: `√2 × ${formatNumber(plan.chargedFromV, 0)} = ${formatNumber(plan.peakV, 0)} V;  ${formatNumber(plan.resistorOhm, 0)} Ω × ${formatNumber(plan.capacitanceUf, 1)} µF × ln(${formatNumber(plan.peakV, 0)} / ${formatNumber(plan.safeV, 0)})`,
      result: `${formatNumber(sum.timeToSafeS, 1)} s to ${formatNumber(plan.safeV, 0)} V; hold ${formatNumber(plan.holdS, 1)} s`,
      source: `${CHARGE_ORIGINS[plan.chargeOrigin]}; first-order RC`,
    },
    {
      what: "What the resistor takes",
      formula: "P = V₀² / R;  E = ½ C V₀²",
      numbers: `${formatNumber(plan.peakV, 0)}² / ${formatNumber(plan.resistorOhm, 0)};  ½ × ${formatNumber(plan.capacitanceUf, 1)} µF × ${formatNumber(plan.peakV, 0)}²`,
      result: `${formatNumber(sum.peakPowerW, 1)} W for an instant, ${formatNumber(sum.energyJ, 1)} J in all`,
      source: "short overload of power resistors: IEC 60115-1",
    },
  ];
}
