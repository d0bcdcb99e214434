import type { Suspect } from "../../trade";
import type { Finding, MeasuredLikelihood, Outcome } from "../../diagnosis";
import type { FaultId, RunUnderstanding } from "../../motor";

interface Shows {
  /** each as often as it is that one, over the others */
  readonly faults: readonly (readonly [fault: FaultId, often: number])[];
  readonly share: number;
  readonly why: string;
}

/**
 * Faults of the machine model that each suspect shows as, and how often it shows in the figures at all: a worn bearing may
 * only be heard, a supply may be good for the moment. The rest of the time the figures are those of a sound motor.
 * Shares are trade judgement.
 */
const SHOWS_AS: Partial<Record<Suspect, Shows>> = {
  "run-capacitor": {
    faults: [
      ["run-capacitor-weak", 5],
      ["run-capacitor-open", 3],
      ["run-capacitor-shorted", 1],
      ["run-capacitor-large", 1],
    ],
    share: 0.95,
    why: "the start winding's current follows its capacitor",
  },
  "start-capacitor": {
    faults: [
      ["start-capacitor-weak", 1],
      ["start-capacitor-open", 1],
      ["start-capacitor-shorted", 1],
    ],
    share: 0.6,
    why: "once it runs, the start capacitor is out of the way",
  },
  "start-switch": {
    faults: [
      ["switch-stuck-closed", 1],
      ["switch-stuck-open", 1],
    ],
    share: 0.7,
    why: "contacts that stick now and then",
  },
  "start-relay": {
    faults: [
      ["switch-stuck-closed", 1],
      ["switch-stuck-open", 1],
    ],
    share: 0.7,
    why: "contacts that stick now and then",
  },
  "main-winding": { faults: [["main-winding-open", 1]], share: 1, why: "an open main winding carries nothing" },
  "start-winding": { faults: [["start-winding-open", 1]], share: 1, why: "an open start winding carries nothing" },
  "shorted-turns": {
    faults: [["shorted-turns", 1]],
    share: 0.62,
    why: "one or two turns hide in the spread of a sound motor, and many soon burn",
  },
  "bearing-worn": { faults: [["bearings-tight", 1]], share: 0.4, why: "most worn bearings are heard before they drag" },
  "bearing-seized": { faults: [["jammed", 1]], share: 1, why: "it does not turn" },
  "driven-load": {
    faults: [
      ["load-heavy", 6],
      ["load-gone", 2],
      ["jammed", 2],
    ],
    share: 0.68,
    why: "a wheel that only rattles asks for no more torque",
  },
  supply: {
    faults: [
      ["supply-low", 4],
      ["supply-high", 1],
    ],
    share: 0.6,
    why: "volts may be good for the moment",
  },
};

/** What the hand felt with the load on: bearings that hold back a motor are felt, nearly always. Trade judgement. */
const TIGHT_THOUGH_FREE = 0.3;

/** Likelihood of the figures under each suspect, from that of each fault in the model. */
export function suspectLikelihoods({ likelihoods }: Pick<RunUnderstanding, "likelihoods">, turnsFree = false): MeasuredLikelihood | null {
  const of = new Map(likelihoods.map(({ fault, likelihood }) => [fault, likelihood]));
  const sound = of.get(null);
  if (sound === undefined) return null;
  const found: Partial<Record<Suspect | "no-fault", number>> = { "no-fault": sound };
  for (const [suspect, { faults, share: usual }] of Object.entries(SHOWS_AS) as [Suspect, Shows][]) {
    const known = faults.flatMap(([fault, often]) => {
      const likelihood = of.get(fault);
      return likelihood === undefined ? [] : [{ likelihood, often }];
    });
    if (known.length === 0) continue;
    const all = known.reduce((sum, { often }) => sum + often, 0);
    const shows = known.reduce((sum, { likelihood, often }) => sum + often * likelihood, 0) / all;
    const share = usual * (turnsFree && suspect === "bearing-worn" ? TIGHT_THOUGH_FREE : 1);
    found[suspect] = share * shows + (1 - share) * sound;
  }
  return found;
}

/** Tests whose figures the model was asked about together, the most telling first. */
const TELLING = [
  ["start-winding-amps", "as-expected"],
  ["speed", "as-expected"],
  ["run-amps", "near-plate"],
] as const satisfies readonly (readonly [Finding["test"], Outcome<"run-amps"> | Outcome<"speed">])[];

const SURE = 0.9;
const feltFree = (before: readonly Finding[]): boolean =>
  before.some(({ test, weights }) => test === "hand-turn" && "free" in weights && (weights.free ?? 0) > SURE);
const isHolding = (weights: object): boolean => "holds" in weights && Number(weights.holds) > SURE;

/**
 * Findings with the model's likelihood in place of the table's: the figures of one run are one finding, told by the one
 * that is farthest from usual, since they are not independent of one another.
 */
export function withModel(
  findings: readonly Finding[],
  understanding: RunUnderstanding | null,
  before: readonly Finding[] = [],
): Finding[] {
  // What nothing known makes speaks for nothing: then the tables say what little each figure means by itself.
  const told = understanding && understanding.unexplained.length === 0 ? suspectLikelihoods(understanding, feltFree(before)) : null;
  // A start part that was measured and holds is out of the explanations, in every degree.
  const holds = before.some(({ test, about, weights }) => test === "capacitor-meter" && about === "start-capacitor" && isHolding(weights));
  const measured = told && holds ? { ...told, "start-capacitor": told["no-fault"] ?? 1 } : told;
  const asked = new Set<string>(TELLING.map(([test]) => test));
  const figures = findings.filter(({ test }) => asked.has(test));
  if (measured === null || figures.length === 0) return [...findings];
  const telling =
    TELLING.map(([test, usual]) => figures.find((finding) => finding.test === test && !(usual in finding.weights))).find(Boolean) ??
    figures[0];
  // The others were seen, and are told; they do not weigh a second time.
  const weighed = figures.map((finding): Finding => ({ ...finding, measured: finding === telling ? measured : {} }));
  return [...weighed, ...findings.filter(({ test }) => !asked.has(test))];
}
