import { layoutOf, USUAL_SOLVE, tableOf, type Board, type Layout } from "@/core/winding";
import { nextProbe } from "@/core/winding/next-probe";
import { solveWith } from "@/core/winding/solve-board";
import { weighSolutions, type WeighedSolution } from "@/core/winding/weigh-solutions";
import { randomFrom, simulateBoard, type Random } from "../../tests/support/simulated-board";
import type { Miss, ReferenceCase, Tolerance } from "./case-file";

const CERTAIN = 0.99;
const keyOf = ({ structure, postOf }: WeighedSolution): string => `${structure.layout.id} ${postOf.join()}`;

export interface PairsNeeded {
  readonly meanPairs: number;
  readonly resolvedFraction: number;
  readonly correctFraction: number;
}

/** Readings until one assignment is certain, on one made-up board whose layout is known. */
function probeBoard(layout: Layout, policy: string, random: Random): { pairs: number; isResolved: boolean; isCorrect: boolean } {
  const { board, postOf } = simulateBoard(layout, null, random);
  const options = { ...USUAL_SOLVE, layouts: [layout], spares: 0 };
  let readings: Board["readings"] = [];
  for (;;) {
    const table = tableOf({ ...board, readings });
    const weighed = weighSolutions(solveWith(table, options, false).list, table, { marks: [], motorType: "unknown" });
    const best = weighed[0];
    const isResolved = (best?.probability ?? 0) >= CERTAIN;
    if (isResolved || readings.length === board.readings.length || !best) {
      const isExchanged = (role: string): boolean => layout.exchanges.some((exchange) => exchange.flat().includes(role));
      const isTrue = (answer: WeighedSolution): boolean =>
        layout.roles.every((role, place) => isExchanged(role) || answer.postOf[place] === postOf[place]);
      // Where no answer is certain, the true one must be among those that are left.
      const left = weighed.filter(({ probability }) => probability >= (isResolved ? CERTAIN : 1 - CERTAIN));
      const isCorrect = left.some(isTrue);
      return { pairs: readings.length, isResolved, isCorrect };
    }
    const left = board.readings.filter((reading) => !readings.includes(reading));
    const probe = policy === "greedy" ? nextProbe(weighed, table, keyOf) : null;
    const wanted = left.find(({ a, b }) => probe && ((a === probe.a && b === probe.b) || (a === probe.b && b === probe.a)));
    const next = wanted ?? left[Math.floor(random() * left.length)];
    if (next) readings = [...readings, next];
  }
}

/** Statistics over made-up motors of one layout. */
export function pairsNeeded(topology: string, policy: string, motors: number): PairsNeeded {
  const random = randomFrom(41);
  const layout = layoutOf(topology);
  const runs = Array.from({ length: motors }, () => probeBoard(layout, policy, random));
  const mean = (of: (run: (typeof runs)[number]) => number): number => runs.reduce((sum, run) => sum + of(run), 0) / runs.length;
  return {
    meanPairs: mean(({ pairs }) => pairs),
    resolvedFraction: mean(({ isResolved }) => Number(isResolved)),
    correctFraction: mean(({ isCorrect }) => Number(isCorrect)),
  };
}

const MOTORS = 60;
const known = new Map<string, PairsNeeded>();

function statisticsOf({ inputs }: ReferenceCase): PairsNeeded {
  const key = `${String(inputs.topology)} ${String(inputs.policy)}`;
  const found = known.get(key) ?? pairsNeeded(String(inputs.topology), String(inputs.policy), MOTORS);
  known.set(key, found);
  return found;
}

/** The mean count beside the listed one. */
export function reportPairsNeeded(reference: ReferenceCase): string {
  const { meanPairs, correctFraction } = statisticsOf(reference);
  const { topology, policy } = reference.inputs;
  return `${String(topology)}, ${String(policy)}: listed ${Number(reference.outputs.mean_pairs).toFixed(2)} pairs, here ${meanPairs.toFixed(2)}, true answer kept ${correctFraction.toFixed(2)}`;
}

/**
 * A distribution, not a single verdict: a miss is needing more pairs than listed, beyond the tolerance, or being wrong
 * more often. Needing fewer while being right is none: it follows from what is expected of the ohms beforehand.
 */
export function checkPairsNeeded(reference: ReferenceCase, tolerance: Tolerance): Miss[] {
  const { outputs } = reference;
  const { meanPairs, correctFraction } = statisticsOf(reference);
  const allowed = (field: string, usual: number): number =>
    Number((tolerance[field] as { absolute?: number } | undefined)?.absolute ?? usual);
  const most = Number(outputs.mean_pairs) + allowed("mean_pairs", 0.7);
  const least = Number(outputs.correct_fraction) - allowed("correct_fraction", 0.05);
  return [
    ...(meanPairs > most ? [{ field: "mean_pairs", expected: outputs.mean_pairs, got: meanPairs }] : []),
    ...(correctFraction < least ? [{ field: "correct_fraction", expected: outputs.correct_fraction, got: correctFraction }] : []),
  ];
}
