import { layoutOf, USUAL_SOLVE, tableOf, type Board, type Layout } from "@/core/winding";
import { nextProbe } from "@/core/winding/next-probe";
import { solveWith } from "@/core/winding/solve-board";
import { weighSolutions, type WeighedSolution } from "@/core/winding/weigh-solutions";
import { randomFrom, simulateBoard, type Random } from "../../tests/support/simulated-board";
import { compare, type Miss, type ReferenceCase, type Tolerance } from "./case-file";

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

/** A distribution, not a single verdict: the mean count of pairs is compared, and how often the answer was right. */
export function checkPairsNeeded({ inputs, outputs }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const found = pairsNeeded(String(inputs.topology), String(inputs.policy), 40);
  const wanted = { mean_pairs: outputs.mean_pairs };
  const misses = compare(wanted, { mean_pairs: found.meanPairs }, tolerance);
  const allowed = Number((tolerance.correct_fraction as { absolute?: number } | undefined)?.absolute ?? 0.05);
  const least = Number(outputs.correct_fraction) - allowed;
  return found.correctFraction < least
    ? [...misses, { field: "correct_fraction", expected: outputs.correct_fraction, got: found.correctFraction }]
    : misses;
}
