import { CAPACITOR, NO_PATH, PATH, UNMEASURED, type BoardTable } from "./board";
import { emptyEquations, leadBit } from "./fit-board";
import { isWindingClass } from "./layout";
import { LeastSquares } from "./least-squares";
import type { Structure } from "./structure";

/** What is asked of a way of laying a structure on a board; it comes as the post of each place, −1 where none is laid yet. */
export interface Visitor<F> {
  /** once every post with a reading is laid: a fit that may stand, or null; posts without readings cannot change it */
  readonly judge: (equations: LeastSquares) => F | null;
  /** every post is laid; false ends the search */
  readonly visit: (postOf: Int8Array, fit: F) => boolean;
}

/** How far the readings may lie from each other before a fit is hopeless, and the least ohms of a sound winding. */
export interface Reach {
  readonly score: number;
  readonly leastWindingOhm: number;
}

/** Places that may still be tried before a search is given up for want of readings; shared by the searches of one board. */
export interface Budget {
  left: number;
}

/** In which order posts are filled, and places tried at a post. */
export interface Order {
  readonly posts: readonly number[];
  readonly places: readonly number[];
}

/** Posts so that each has as many readings as possible to those before it: contradictions show early. */
export function postOrder({ board, size, state }: BoardTable, first: readonly number[]): number[] {
  const rest = [...first];
  const order: number[] = [];
  const counts = new Array<number>(size).fill(0);
  while (rest.length > 0) {
    let best = 0;
    rest.forEach((post, index) => {
      if ((counts[post] ?? 0) > (counts[rest[best] ?? 0] ?? 0)) best = index;
    });
    const [post = 0] = rest.splice(best, 1);
    order.push(post);
    // A path says more than no path.
    for (let other = 0; other < board.posts; other += 1)
      counts[other] = (counts[other] ?? 0) + ([0, 1, 3, 3][state[post * size + other] ?? 0] ?? 0);
  }
  return order;
}

/** The two ends of a capacitor, each by the other. */
const partners = ({ capacitors }: Structure): Map<number, number> =>
  new Map(capacitors.flatMap(([a, b]) => [[a, b] as const, [b, a] as const]));

/**
 * Finds every way to lay a structure on the posts that the readings allow: depth first, a post at a time, each checked
 * against all readings to the posts before it. Sound cut-offs only: what is refused here no fit could save.
 * @param order posts first to last; the frame is not among them
 * @returns false when the visitor or the budget ended the search
 */
export function layOut<F>(
  structure: Structure,
  table: BoardTable,
  order: Order,
  reach: Reach,
  budget: Budget,
  { judge, visit }: Visitor<F>,
): boolean {
  const { places, joints, ways, exchanges } = structure;
  const { size: width, state, ohm, variance, board } = table;
  const size = places.length;
  const lead = leadBit(structure);
  const most = reach.score ** 2;
  const partnerOf = partners(structure);
  const postOf = new Int8Array(size).fill(-1);
  const placeOf = new Int8Array(width).fill(-1);
  const least = joints.map(({ cls, isShort }) => (isShort || !isWindingClass(cls) || cls === "section" ? 0 : reach.leastWindingOhm));
  const lowest = ways.map((way) => (way < 0 ? 0 : least.reduce((sum, each, joint) => (way & (1 << joint) ? sum + each : sum), 0)));
  const highest = ohm.map((each, at) => each + reach.score * Math.sqrt(variance[at] ?? 0));
  const start = emptyEquations(structure, table);
  const equations = order.posts.map(() => new LeastSquares(joints.length + 1));
  if (board.hasFrame) {
    postOf[size - 1] = board.posts;
    placeOf[board.posts] = size - 1;
  }

  /** Whether paths are where they should be, and no reading is less than the windings on its way at their least. */
  const couldBe = (place: number, post: number): boolean => {
    for (let there = 0; there < width; there += 1) {
      const other = placeOf[there] ?? -1;
      const found = state[post * width + there];
      if (other < 0 || found === UNMEASURED) continue;
      if (found === CAPACITOR) {
        if (partnerOf.get(place) !== other) return false;
        continue;
      }
      const way = ways[place * size + other] ?? -1;
      if (way < 0 !== (found === NO_PATH)) return false;
      if (found === PATH && (highest[post * width + there] ?? 0) < (lowest[place * size + other] ?? 0)) return false;
    }
    return true;
  };

  /** Takes the readings between a post and those laid before into the sums; false when they cannot be. */
  const agrees = (place: number, post: number, before: LeastSquares, sums: LeastSquares): boolean => {
    sums.copyFrom(before);
    for (let there = 0; there < width; there += 1) {
      const other = placeOf[there] ?? -1;
      const at = post * width + there;
      if (other < 0 || state[at] !== PATH) continue;
      sums.add((ways[place * size + other] ?? 0) | lead, ohm[at] ?? 0, Math.sqrt(variance[at] ?? 1));
      if (sums.chi2 > most) return false;
    }
    return true;
  };

  const isOrdered = (place: number, post: number): boolean =>
    exchanges.every(
      ([a, b]) =>
        !(a === place && (postOf[b] ?? -1) >= 0 && (postOf[b] ?? 0) < post) &&
        !(b === place && (postOf[a] ?? -1) >= 0 && (postOf[a] ?? 0) > post),
    );

  const isRead = (post: number): boolean => state.subarray(post * width, (post + 1) * width).some((found) => found !== UNMEASURED);
  const readPosts = order.posts.filter(isRead).length;
  const lay = (depth: number, fitSoFar: F | null): boolean => {
    const post = order.posts[depth];
    const before = equations[depth - 1] ?? start;
    const sums = equations[depth];
    const fit = depth === readPosts ? judge(before) : fitSoFar;
    if (depth >= readPosts && fit === null) return true;
    if (post === undefined || !sums) return fit === null || visit(postOf, fit);
    for (const place of order.places) {
      if ((postOf[place] ?? 0) >= 0 || !isOrdered(place, post)) continue;
      budget.left -= 1;
      if (budget.left < 0) return false;
      if (!couldBe(place, post) || !agrees(place, post, before, sums)) continue;
      postOf[place] = post;
      placeOf[post] = place;
      const goesOn = lay(depth + 1, fit);
      postOf[place] = -1;
      placeOf[post] = -1;
      if (!goesOn) return false;
    }
    return true;
  };
  return lay(0, null);
}
