import type { Finding, MeasuredLikelihood } from "./finding";

/** The outcome a finding speaks of most. */
const outcomeOf = ({ weights }: Finding): string => Object.entries(weights).sort(([, a], [, b]) => (b ?? 0) - (a ?? 0))[0]?.[0] ?? "";

/**
 * The path to the frame is one fact, whichever meter sees it. The insulation tester sees more, so an ohmmeter that found
 * nothing, or a leak far up its range, says nothing beside it; a path of a few ohms needs no tester.
 */
const SAME_FACT: readonly {
  readonly keen: Finding["test"];
  readonly coarse: Finding["test"];
  readonly dropped: (coarse: Finding, keen: Finding) => Finding | null;
}[] = [
  {
    keen: "insulation",
    coarse: "frame-ohms",
    dropped: (coarse, keen) => {
      if (outcomeOf(coarse) !== "grounded") return coarse;
      return outcomeOf(keen) === "good" ? null : keen;
    },
  },
];

/**
 * That it starts by itself is one fact, whether it was seen with the load on or off: where it was seen before, running free
 * speaks of what was taken off, of bearings and of shorted turns, and not of the start side once more. Trade judgement, as the row
 * of the table.
 */
const FREED: MeasuredLikelihood = {
  "no-fault": 0.9,
  "driven-load": 0.86,
  "bearing-worn": 0.24,
  "shorted-turns": 0.42,
  "bearing-seized": 0.03,
};
const onlyOfLoad = (finding: Finding): Finding =>
  finding.test === "uncoupled-run" && outcomeOf(finding) === "runs" && !finding.measured ? { ...finding, measured: FREED } : finding;
const isStarting = (finding: Finding): boolean => finding.test === "start-time" && outcomeOf(finding) === "quick";

/**
 * Findings as they are weighed: of two that are one fact seen by two meters the keener counts. Where both are plain and
 * contradict each other, both are kept, and the contradiction is told.
 * @source Pearl, Probabilistic Reasoning in Intelligent Systems (1988), 2.1.3: evidence that is not independent counts once
 */
export function independentFindings(findings: readonly Finding[]): readonly Finding[] {
  const known = findings.some(isStarting) ? findings.map(onlyOfLoad) : findings;
  return SAME_FACT.reduce((kept: readonly Finding[], { keen, coarse, dropped }) => {
    const [keener] = kept.filter(({ test }) => test === keen);
    const [coarser] = kept.filter(({ test }) => test === coarse);
    const out = keener && coarser ? dropped(coarser, keener) : null;
    return out === null ? kept : kept.filter((finding) => finding !== out);
  }, known);
}
