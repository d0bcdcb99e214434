import { combineStandard, decideConformity, type Conformity } from "../quantity";
import type { SectionLimits } from "./limits";

/** A capacitance told by one method. */
export interface MethodFigure {
  readonly method: "meter" | "running";
  readonly capacitanceUf: number;
  readonly standardUncertaintyUf: number;
}

interface Rules {
  readonly guardFactor: number;
  readonly coverageFactor: number;
}

/** What several methods come to together. */
export interface JointVerdict {
  /** the figure that is judged */
  readonly capacitanceUf: number;
  readonly standardUncertaintyUf: number;
  readonly conformity: Conformity;
  /**
   * one: a single method; agree: within their joint uncertainty, weighted mean; otherwise running overrules and this
   * says in which direction they differ
   */
  readonly agreement: "one" | "agree" | "lower-running" | "higher-running";
  /** difference running − meter with its expanded uncertainty; null with one method */
  readonly difference: { readonly capacitanceUf: number; readonly expandedUf: number } | null;
}

/**
 * A film part at work is warmer than on the meter and loses a little: a percent or two, four at most. Its working value is
 * expected so much below the cold one, give or take as much.
 * @source IEC 60252-1 and makers' curves of polypropylene film: about −0.03 %/K over a rise of 20 to 100 K; judgement
 */
const WARM_LOSS = { part: 0.015, standardPart: 0.015 } as const;

/** What a cold figure says of the value at work. */
function atWork({ method, capacitanceUf, standardUncertaintyUf }: MethodFigure): MethodFigure {
  return {
    method,
    capacitanceUf: (1 - WARM_LOSS.part) * capacitanceUf,
    standardUncertaintyUf: combineStandard(standardUncertaintyUf, WARM_LOSS.standardPart * capacitanceUf),
  };
}

/**
 * Judges one figure against its limits.
 * @param figure one figure with its uncertainty
 * @param limits limits it is held against
 * @param rules guard band and coverage factor
 * @returns holds, out, or too close, with the chance that it is within
 */
function judgeFigure(figure: Omit<MethodFigure, "method">, limits: SectionLimits, rules: Rules): Conformity {
  return decideConformity({
    value: figure.capacitanceUf,
    standardUncertainty: figure.standardUncertaintyUf,
    limits: { low: limits.lowUf, high: limits.highUf },
    ...rules,
  });
}

/** Mean weighted by 1/u²; the surer figure counts for more. A figure without uncertainty stands alone. */
function weightedMean(a: MethodFigure, b: MethodFigure): { capacitanceUf: number; standardUncertaintyUf: number } {
  const sure = [a, b].find(({ standardUncertaintyUf }) => standardUncertaintyUf === 0);
  if (sure) return sure;
  const [wa, wb] = [a.standardUncertaintyUf ** -2, b.standardUncertaintyUf ** -2];
  return { capacitanceUf: (wa * a.capacitanceUf + wb * b.capacitanceUf) / (wa + wb), standardUncertaintyUf: 1 / Math.sqrt(wa + wb) };
}

/**
 * Joint judgement of the capacitance meter and the running method. What counts is the value at work: the cold figure tells
 * it less the usual loss by heat, the running figure tells it itself. Within their joint expanded uncertainty both count
 * by their certainty; beyond it the running figure overrules.
 * @param figures the figures, each with its uncertainty
 * @param limits limits it is held against
 * @param rules guard band and coverage factor
 * @returns null when there is no figure
 * @source weighted mean: Bevington & Robinson, Data Reduction (2003), eq. 4.17; difference test: JCGM 100:2008, 5.1
 */
export function judgeJointly(figures: readonly MethodFigure[], limits: SectionLimits, rules: Rules): JointVerdict | null {
  const meter = figures.find(({ method }) => method === "meter");
  const running = figures.find(({ method }) => method === "running");
  const only = running ?? meter;
  if (!only) return null;
  if (!meter || !running) {
    return { ...pick(only), conformity: judgeFigure(only, limits, rules), agreement: "one", difference: null };
  }
  const expected = atWork(meter);
  const capacitanceUf = running.capacitanceUf - meter.capacitanceUf;
  const expandedUf = rules.coverageFactor * combineStandard(running.standardUncertaintyUf, expected.standardUncertaintyUf);
  const doAgree = Math.abs(running.capacitanceUf - expected.capacitanceUf) <= expandedUf;
  const judged = doAgree ? weightedMean(expected, running) : running;
  return {
    ...pick(judged),
    conformity: judgeFigure(judged, limits, rules),
    agreement: doAgree ? "agree" : capacitanceUf < 0 ? "lower-running" : "higher-running",
    difference: { capacitanceUf, expandedUf },
  };
}

const pick = ({ capacitanceUf, standardUncertaintyUf }: Omit<MethodFigure, "method">): Omit<MethodFigure, "method"> => ({
  capacitanceUf,
  standardUncertaintyUf,
});
