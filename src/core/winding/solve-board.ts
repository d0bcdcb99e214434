import { CAPACITOR, NO_PATH, PATH, tableOf, type Board, type BoardTable } from "./board";
import { keepsRules } from "./board-rules";
import { chiSquareSurvival } from "./chi-square";
import type { BoardFit } from "./fit-board";
import { layOut, postOrder, type Reach } from "./lay-out";
import { faultsOf, type BoardFault, type Layout } from "./layout";
import { LAYOUTS } from "./layout-catalogue";
import { LEAST_MAIN_OHM, LEAST_MAIN_PART } from "./least-ohms";
import type { LeastSquares } from "./least-squares";
import { structureOf, type Structure } from "./structure";

/** One way to understand a board: which post is what, what is wrong if anything, and how well the readings agree. */
export interface BoardSolution {
  readonly structure: Structure;
  /** post of each place of the structure */
  readonly postOf: readonly number[];
  readonly fit: BoardFit;
}

export interface SolveOptions {
  readonly layouts: readonly Layout[];
  /** posts that nothing hangs on, at most */
  readonly spares: number;
  /** a sound winding has at least this many ohms */
  readonly leastWindingOhm: number;
  /** a section between two speeds at least this many, beyond so many of its standard uncertainties */
  readonly leastSectionOhm: number;
  readonly sectionScore: number;
  /** and a sound main winding at least this part of its start winding's */
  readonly leastMainPart: number;
  /** solutions to find before the search gives up for want of readings */
  readonly limit: number;
  /** places to try before it gives up */
  readonly budget: number;
}

export const USUAL_SOLVE: SolveOptions = {
  layouts: LAYOUTS,
  spares: 2,
  leastWindingOhm: LEAST_MAIN_OHM,
  leastSectionOhm: 0.05,
  sectionScore: 2,
  leastMainPart: LEAST_MAIN_PART,
  limit: 4000,
  budget: 2_000_000,
};

/** Boards with this many posts may have one that is not used. */
const LEAST_BOX = 5;
/** Places to try for each reading left out. */
const MISFIT_BUDGET = 4000;
/** Chance below which readings and layout do not belong together. */
const LEAST_PROBABILITY = 0.001;
/** A fit with chi-square for a chance of 0.001 at many degrees of freedom; no single reading may lie further off. */
const reachScore = (readings: number): number => Math.sqrt(readings + 3.1 * Math.sqrt(2 * readings) + 9);

/** What the readings say of the groups before any is weighed: posts joined so far, and how many groups are known to be apart. */
interface MeasuredGroups {
  /** the largest first */
  readonly sizes: readonly number[];
  /** groups of which each is known to have no path to the others */
  readonly apart: number;
}

function measuredGroups({ size, state }: BoardTable): MeasuredGroups {
  const group = Array.from({ length: size }, (_, post) => post);
  for (let a = 0; a < size; a += 1) {
    for (let b = a + 1; b < size; b += 1) {
      if (state[a * size + b] !== PATH) continue;
      const [kept, merged] = [group[a] ?? a, group[b] ?? b];
      for (let post = 0; post < size; post += 1) if (group[post] === merged) group[post] = kept;
    }
  }
  const posts = new Map<number, number[]>();
  group.forEach((id, post) => posts.set(id, [...(posts.get(id) ?? []), post]));
  const groups = [...posts.values()].sort((a, b) => b.length - a.length);
  const isApart = (one: readonly number[], other: readonly number[]): boolean =>
    one.some((a) => other.some((b) => state[a * size + b] === NO_PATH || state[a * size + b] === CAPACITOR));
  const apart: (readonly number[])[] = [];
  for (const each of groups) if (apart.every((other) => isApart(each, other))) apart.push(each);
  return { sizes: groups.map(({ length }) => length), apart: apart.length };
}

/** Whether the groups of a structure could be those measured, joined further or not: a quick look before any search. */
function couldHold({ groupSizes }: Structure, { sizes, apart }: MeasuredGroups, isFull: boolean): boolean {
  if (isFull) return groupSizes.join() === sizes.join();
  const [first = 0, second = 0] = sizes;
  const [most = 0, next = 0] = groupSizes;
  return first <= most && second <= Math.max(next, most - first) && apart <= groupSizes.length && groupSizes.length <= sizes.length;
}

/** Everything the board could be with this many faults (none or one), before any reading is weighed. */
export function structuresFor(table: BoardTable, options: SolveOptions, isFaulty: boolean): Structure[] {
  const { board } = table;
  const measured = measuredGroups(table);
  const all = options.layouts.flatMap((layout) => {
    const spares = board.posts - layout.roles.length;
    // A post without a path may be unused on a box; on a few leads, or with a fault as well, it would hide an open winding.
    const most = isFaulty || board.posts < LEAST_BOX ? 0 : options.spares;
    if (spares < 0 || spares > most) return [];
    const faults: readonly (BoardFault | null)[] = isFaulty ? faultsOf(layout, board.hasFrame) : [null];
    return faults.map((fault) => structureOf(layout, fault, spares, board.hasFrame));
  });
  return all.filter((structure) => couldHold(structure, measured, table.isFull));
}

export function reachOf(table: BoardTable, options: SolveOptions): Reach {
  return { score: reachScore(table.board.readings.length), leastWindingOhm: options.leastWindingOhm };
}

/** Whether readings, ohms and rules let this way of laying out stand; its fit, or null. */
export function judgeLayOut(structure: Structure, equations: LeastSquares, options: SolveOptions): BoardFit | null {
  const { chi2, rows, rank } = equations;
  const dof = rows - rank;
  if (chi2 > highestChi2(dof)) return null;
  const solution = equations.solve();
  if (!keepsRules(structure, solution, options)) return null;
  const { values, isFree } = solution;
  return {
    chi2,
    dof,
    probability: chiSquareSurvival(chi2, dof),
    ohms: structure.joints.map((_, joint) => (isFree[joint] === 0 ? (values[joint] ?? 0) : null)),
    leadOhm: values[structure.joints.length] ?? 0,
  };
}

const highest: number[] = [];

/** Chi-square with just the least chance that still lets a layout stand; worked out once for each number of degrees of freedom. */
function highestChi2(dof: number): number {
  const known = highest[dof];
  if (known !== undefined) return known;
  let [low, high] = [0, 20 + 4 * dof];
  // Without a degree of freedom everything fits, up to rounding.
  for (let round = 0; round < 60; round += 1) {
    const middle = (low + high) / 2;
    if (chiSquareSurvival(middle, dof) >= LEAST_PROBABILITY) low = middle;
    else high = middle;
  }
  highest[dof] = low;
  return low;
}

const numbered = (count: number): number[] => Array.from({ length: count }, (_, index) => index);

/** Solutions with this many faults, best fit first; `isComplete` is false when there were too many to list. */
export interface Solutions {
  readonly list: readonly BoardSolution[];
  readonly isComplete: boolean;
}

export function solveWith(table: BoardTable, options: SolveOptions, isFaulty: boolean): Solutions {
  const list: BoardSolution[] = [];
  const reach = reachOf(table, options);
  const budget = { left: options.budget };
  const posts = postOrder(table, numbered(table.board.posts));
  let isComplete = true;
  for (const structure of structuresFor(table, options, isFaulty)) {
    isComplete = layOut(structure, table, { posts, places: numbered(structure.places.length) }, reach, budget, {
      judge: (equations) => judgeLayOut(structure, equations, options),
      visit: (postOf, fit) => {
        list.push({ structure, postOf: Array.from(postOf), fit });
        return list.length < options.limit;
      },
    });
    if (!isComplete) break;
  }
  return { list: list.sort((a, b) => a.fit.chi2 - b.fit.chi2), isComplete };
}

/**
 * Every way to understand a board that its readings allow: sound ones, and those with one element open or shorted or one
 * post grounded; each list ranked by chi-square. A layout agrees when the pattern of paths matches, the chance of its
 * chi-square is at least 0.001, and main < start, section < main, halves alike hold as far as the readings can tell.
 * @param board posts and readings
 * @param options bounds of the work
 * @returns solutions without and with a fault
 * @source weighted least squares over a tree of series resistances; JCGM 100:2008 (GUM), H.3
 */
export function solveBoard(board: Board, options: SolveOptions = USUAL_SOLVE): { readonly sound: Solutions; readonly faulty: Solutions } {
  const table = tableOf(board);
  return { sound: solveWith(table, options, false), faulty: solveWith(table, options, true) };
}

/** A reading that does not belong, and what the others make of it. */
export interface Misfit {
  readonly a: number;
  readonly b: number;
  /** what it would show on the sound layout that fits the others best; null: no path, or nothing else says */
  readonly wantedOhm: number | null;
}

/**
 * Readings that do not belong: each pair whose removal alone lets a sound layout agree.
 * @param board posts and readings
 * @param options bounds of the work
 * @returns empty when no single reading explains it
 */
export function findMisfits(board: Board, options: SolveOptions = USUAL_SOLVE): readonly Misfit[] {
  return board.readings.flatMap((reading): Misfit[] => {
    const readings = board.readings.filter((each) => each !== reading);
    const { list } = solveWith(tableOf({ ...board, readings }), { ...options, limit: 1, budget: MISFIT_BUDGET }, false);
    const [best] = list;
    return best ? [{ a: reading.a, b: reading.b, wantedOhm: ohmsBetween(best, reading.a, reading.b) }] : [];
  });
}

/** What a pair shows on a laid-out board, test leads included; null where no path joins it, or part of it is not known. */
export function ohmsBetween({ structure, postOf, fit }: BoardSolution, a: number, b: number): number | null {
  const way = structure.ways[postOf.indexOf(a) * structure.places.length + postOf.indexOf(b)] ?? -1;
  const parts = fit.ohms.filter((_, joint) => way >= 0 && way & (1 << joint));
  if (way < 0 || parts.includes(null)) return null;
  return parts.reduce<number>((sum, ohm) => sum + (ohm ?? 0), fit.leadOhm);
}
