import { formatNumber, type WorkingStep } from "../../quantity";
import type { StationContext } from "../../station";
import { type BoardUnderstanding, type ThreeLeadAnswer } from "../../winding";
import type { HotRun } from "./compare";

const ohm = (value: number): string => `${formatNumber(value, 2)} Ω`;

export function workingOfThree(answer: ThreeLeadAnswer, { house }: StationContext, leadOhm: number): WorkingStep[] {
  if (!("sum" in answer)) return [];
  const { sum } = answer;
  return [
    {
      what: "Sum check",
      formula: "smallest + middle − largest − test leads ≈ 0",
      numbers: `${ohm(sum.sumOfOthersOhm)} − ${ohm(sum.largestOhm)} − ${ohm(leadOhm)} = ${ohm(sum.mismatchOhm)}`,
      result: `${formatNumber(Math.abs(sum.mismatchOhm) / sum.standardUncertaintyOhm, 1)} standard uncertainties (u = ${ohm(sum.standardUncertaintyOhm)}); holds up to ${formatNumber(house.coverageFactor, 1)}`,
      source: "series resistance; JCGM 100:2008, 5.1.2",
    },
    {
      what: "Naming",
      formula: "largest = run to start, so the third lead is common; from common, the smaller is run",
      numbers: `largest ${ohm(sum.largestOhm)}`,
      result: answer.kind === "named" ? `run ${ohm(answer.runOhm)}, start ${ohm(answer.startOhm)}` : "not settled",
      source: "Hughes, Electric Motors and Drives, ch. 6",
    },
  ];
}

export function workingOfBoard({ answers, residuals }: BoardUnderstanding, names: readonly string[]): WorkingStep[] {
  const [best] = answers;
  if (!best) return [];
  const { chi2, dof, probability, leadOhm } = best.fit;
  const name = (post: number): string => names[post]?.trim() || (post >= names.length ? "frame" : `post ${post + 1}`);
  return [
    {
      what: "Fit of all readings",
      formula: "reading = sum of the windings on its way + test leads; χ² = Σ ((reading − fit) / u)²",
      numbers: `χ² = ${formatNumber(chi2, 2)}, ${dof} degrees of freedom, test leads ${ohm(leadOhm)}`,
      result:
        dof > 0
          ? `chance ${formatNumber(probability, 3)} of a larger χ²; below 0.001 they do not belong together`
          : "no reading to spare: nothing is checked",
      source: "weighted least squares; JCGM 100:2008, H.3",
    },
    ...residuals.map(({ a, b, measuredOhm, expectedOhm, score }) => ({
      what: `${name(a)} to ${name(b)}`,
      formula: "reading − fit, in standard uncertainties",
      numbers: `${ohm(measuredOhm)} − ${ohm(expectedOhm)}`,
      result: `${formatNumber(score, 1)} u`,
      source: "the same fit",
    })),
  ];
}

export function workingOfHotRun(run: HotRun | null): WorkingStep[] {
  if (!run) return [];
  return [
    {
      what: "Winding temperature after the run",
      formula: "T = R hot / R cold × (234.5 + T cold) − 234.5",
      numbers: `${ohm(run.hotOhm)} / ${ohm(run.coldOhm)} × (234.5 + ${formatNumber(run.coldC, 1)}) − 234.5`,
      result: `${formatNumber(run.windingC, 0)} °C${run.riseK === null ? "" : `, ${formatNumber(run.riseK, 0)} K above the air`}`,
      source: "IEC 60034-1, 8.6.2, copper",
    },
  ];
}
