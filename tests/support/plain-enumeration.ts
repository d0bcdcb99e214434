import type { Board, SolveOptions } from "@/core/winding";
import { NO_PATH, PATH, tableOf } from "@/core/winding/board";
import { addReadings, emptyEquations } from "@/core/winding/fit-board";
import { judgeLayOut, structuresFor } from "@/core/winding/solve-board";

/** Every order of the posts, one after the other. */
function* orders(count: number): Generator<number[]> {
  const list = Array.from({ length: count }, (_, index) => index);
  const state = new Array<number>(count).fill(0);
  yield list;
  let index = 0;
  while (index < count) {
    const at = state[index] ?? 0;
    if (at >= index) {
      state[index] = 0;
      index += 1;
      continue;
    }
    const other = index % 2 === 0 ? 0 : at;
    [list[other], list[index]] = [list[index] ?? 0, list[other] ?? 0];
    yield list;
    state[index] = at + 1;
    index = 0;
  }
}

/** How many sound ways to understand a board there are, found by trying every order of its posts on every layout. */
export function plainEnumeration(board: Board, options: SolveOptions): number {
  const table = tableOf(board);
  let found = 0;
  for (const structure of structuresFor(tableOf(board), options, false)) {
    const size = structure.places.length;
    for (const postOf of orders(board.posts)) {
      if (structure.exchanges.some(([a, b]) => (postOf[a] ?? 0) > (postOf[b] ?? 0))) continue;
      let agrees = true;
      for (let a = 0; agrees && a < size; a += 1) {
        for (let b = a + 1; agrees && b < size; b += 1) {
          const state = table.state[(postOf[a] ?? 0) * table.size + (postOf[b] ?? 0)];
          const hasWay = (structure.ways[a * size + b] ?? -1) >= 0;
          agrees = !((state === NO_PATH && hasWay) || (state === PATH && !hasWay));
        }
      }
      if (agrees && judgeLayOut(structure, addReadings(emptyEquations(structure, table), structure, postOf, table), options)) found += 1;
    }
  }
  return found;
}
