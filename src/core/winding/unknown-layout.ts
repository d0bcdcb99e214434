import type { MotorType } from "../trade";
import { PATH, UNMEASURED, type BoardTable } from "./board";
import { addReadings, emptyEquations, NEAR_ZERO } from "./fit-board";
import type { Layout, LayoutElement } from "./layout";
import { LEAST_MAIN_PART } from "./least-ohms";
import { judgeLayOut, type BoardSolution, type SolveOptions } from "./solve-board";
import { structureOf } from "./structure";

/** Posts with a path between them, and the ohms found along it; nothing is said of what they are. */
export interface PostGroup {
  readonly posts: readonly number[];
  /** from post to post, so that every other pair is a sum of these [Ω, test leads taken off] */
  readonly spans: readonly { readonly a: number; readonly b: number; readonly ohm: number }[];
}

/** How often a sound board is of no layout the catalogue has, over the shares there. Judgement: it must outweigh every fault of a layout that is not this one. */
const UNKNOWN_SHARE = 2;

/** A motor with a start winding shows two windings at least; one shaded coil is a motor of its own. */
const leastWindings = (motorType: MotorType): number => (motorType === "shaded-pole" ? 1 : 2);

const find = (parents: number[], post: number): number => {
  let root = post;
  while (parents[root] !== root) root = parents[root] ?? root;
  return root;
};

/** The groups that paths join, by post; the frame is left out. */
function joined({ board, size, state }: BoardTable): number[] {
  const parents = Array.from({ length: board.posts }, (_, post) => post);
  for (let a = 0; a < board.posts; a += 1)
    for (let b = a + 1; b < board.posts; b += 1) if (state[a * size + b] === PATH) parents[find(parents, b)] = find(parents, a);
  return parents.map((_, post) => find(parents, post));
}

/**
 * A pair that would show whether two groups of posts belong together; null once that is known of all.
 * What lies inside a group needs no reading for it.
 */
export function unknownJoint(table: BoardTable): { readonly a: number; readonly b: number } | null {
  const { board, size, state } = table;
  const group = joined(table);
  const apart = new Set<string>();
  for (let a = 0; a < board.posts; a += 1)
    for (let b = 0; b < board.posts; b += 1) {
      const found = state[a * size + b];
      if (found !== UNMEASURED && found !== PATH) apart.add(`${group[a]} ${group[b]}`);
    }
  for (let a = 0; a < board.posts; a += 1)
    for (let b = a + 1; b < board.posts; b += 1)
      if (group[a] !== group[b] && !apart.has(`${group[a]} ${group[b]}`) && state[a * size + b] === UNMEASURED) return { a, b };
  return null;
}

/** The shortest readings that join each group: their sums must give all others. */
function shortestSpans({ board, size, ohm, state }: BoardTable): { a: number; b: number; ohm: number }[] {
  const pairs: { a: number; b: number; ohm: number }[] = [];
  for (let a = 0; a < board.posts; a += 1)
    for (let b = a + 1; b < board.posts; b += 1) if (state[a * size + b] === PATH) pairs.push({ a, b, ohm: ohm[a * size + b] ?? 0 });
  const parents = Array.from({ length: board.posts }, (_, post) => post);
  return pairs
    .sort((x, y) => x.ohm - y.ohm)
    .filter(({ a, b }) => {
      const [one, other] = [find(parents, a), find(parents, b)];
      parents[other] = one;
      return one !== other;
    });
}

/** More than a contact or a wire reads. */
const isPlainlyWound = (ohm: number): boolean => ohm > NEAR_ZERO.ohm + 2 * NEAR_ZERO.standardOhm;
/** So small a figure may be a winding of a large motor, beside windings about as small. */
const mayBeWound = (ohm: number, largestOhm: number): boolean =>
  isPlainlyWound(ohm) || (ohm > NEAR_ZERO.ohm && ohm > LEAST_MAIN_PART * largestOhm);

/** A board as a layout of its own: the groups as they were read, whatever they are called. */
export interface UnknownLayout {
  readonly solution: BoardSolution;
  readonly groups: readonly PostGroup[];
}

/**
 * Reads a board without any layout: groups of posts that paths join, and the ohms along each.
 * @returns null where the readings do not agree among themselves, where not all groups are known to be apart, or where
 * fewer windings read than a motor of this type has: then something is open, whatever the layout
 * @source minimum spanning tree (Kruskal 1956) over a tree of series resistances
 */
export function unknownLayoutOf(table: BoardTable, options: SolveOptions, motorType: MotorType): UnknownLayout | null {
  const { board } = table;
  if (unknownJoint(table) !== null) return null;
  const group = joined(table);
  // No path where two posts hang together through others cannot be.
  for (let a = 0; a < board.posts; a += 1)
    for (let b = a + 1; b < board.posts; b += 1)
      if (group[a] === group[b] && ![PATH, UNMEASURED].includes(table.state[a * table.size + b] ?? 0)) return null;
  const role = (post: number): string => `U${post}`;
  const found = shortestSpans(table);
  const largest = Math.max(0, ...found.map(({ ohm }) => ohm - board.leadOhm));
  const elements = found.map(({ a, b, ohm }): LayoutElement => ({
    from: role(a),
    to: role(b),
    cls: isPlainlyWound(ohm - board.leadOhm) ? "winding" : "link",
  }));
  const roles = Array.from({ length: board.posts }, (_, post) => role(post));
  const layout: Layout = { id: "unknown", roles, elements, exchanges: [], share: UNKNOWN_SHARE };
  const structure = structureOf(layout, null, 0, board.hasFrame);
  const postOf = [...roles.map((_, post) => post), ...(board.hasFrame ? [board.posts] : [])];
  if (board.hasFrame && roles.some((_, post) => table.state[post * table.size + board.posts] === PATH)) return null;
  const equations = addReadings(emptyEquations(structure, table), structure, postOf, table);
  const fit = judgeLayOut(structure, equations, { ...options, leastWindingOhm: 0 });
  if (fit === null) return null;
  const windings = found.filter(({ ohm }) => mayBeWound(ohm - board.leadOhm, largest)).length;
  if (windings < leastWindings(motorType)) return null;
  const at = (name: string): number => roles.indexOf(name);
  const spans = structure.joints.map(({ element }, joint) => {
    const { from = "", to = "" } = layout.elements[element ?? -1] ?? {};
    return { a: at(from), b: at(to), ohm: fit.ohms[joint] ?? 0 };
  });
  const groups = [...new Set(group)].map((id): PostGroup => {
    const posts = roles.flatMap((_, post) => (group[post] === id ? [post] : []));
    return { posts, spans: spans.filter(({ a }) => posts.includes(a)) };
  });
  return { solution: { structure, postOf, fit }, groups };
}
