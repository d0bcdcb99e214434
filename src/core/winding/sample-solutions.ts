import { seriesFrom } from "../numeric";
import type { BoardTable } from "./board";
import { layOut, postOrder } from "./lay-out";
import { judgeLayOut, reachOf, structuresFor, type BoardSolution, type SolveOptions } from "./solve-board";

function shuffled(count: number, next: () => number): number[] {
  const posts = Array.from({ length: count }, (_, post) => post);
  for (let last = count - 1; last > 0; last -= 1) {
    const other = Math.floor(next() * (last + 1));
    [posts[last], posts[other]] = [posts[other] ?? 0, posts[last] ?? 0];
  }
  return posts;
}

/** Places tried for one way, and for the whole sample, before another is drawn or what was found must do. */
const ONE_BUDGET = 400;
const WHOLE_BUDGET = 20_000;

/**
 * A sample of the ways to understand a board that has too few readings to list them all: layouts by their share, posts in
 * random order, the first way that agrees.
 */
export function sampleSolutions(table: BoardTable, options: SolveOptions, isFaulty: boolean, count: number): BoardSolution[] {
  const next = seriesFrom(20_261 + table.board.readings.length);
  const structures = structuresFor(table, options, isFaulty);
  const shares = structures.map(({ layout, places }) => layout.share * 0.1 ** places.filter((place) => place === "spare").length);
  const total = shares.reduce((sum, share) => sum + share, 0);
  const reach = reachOf(table, options);
  const found = new Map<string, BoardSolution>();
  const whole = { left: WHOLE_BUDGET };
  const posts = postOrder(table, shuffled(table.board.posts, next));
  for (let tries = 0; tries < 2 * count && found.size < count && whole.left > 0; tries += 1) {
    let at = next() * total;
    const index = shares.findIndex((share) => (at -= share) <= 0);
    const structure = structures[Math.max(0, index)];
    if (!structure) break;
    const budget = { left: ONE_BUDGET };
    const order = { posts, places: shuffled(structure.places.length, next) };
    layOut(structure, table, order, reach, budget, {
      judge: (equations) => judgeLayOut(structure, equations, options),
      visit: (postOf, fit) => {
        const laid = Array.from(postOf);
        found.set(`${structure.layout.id} ${JSON.stringify(structure.fault)} ${laid.join()}`, { structure, postOf: laid, fit });
        return false;
      },
    });
    whole.left -= ONE_BUDGET - budget.left;
  }
  return [...found.values()];
}
