import { NO_PATH, PATH, UNMEASURED, type BoardTable } from "./board";
import { covarianceOf } from "./least-squares";
import { scaledFits, type ScaledFit, type WeighedSolution } from "./weigh-solutions";

/** What the next pair may show, under the answers that are left. */
export interface Probe {
  readonly a: number;
  readonly b: number;
  /** expected information about which answer is right */
  readonly bits: number;
  /** what it is for: to part the answers, to see a winding once, to check figures that nothing checks, to see what hangs together */
  readonly why: "parts" | "unseen" | "checks" | "groups";
}

/** Steps in which readings can be told apart: about what a usual meter sees. */
const STEP = Math.log(1.1);
const LOWEST_OHM = 0.05;
const STEPS = Math.ceil(Math.log(4000 / LOWEST_OHM) / STEP);
/** Answers less likely than this do not decide where to probe. */
const LEAST_WEIGHT = 1e-4;
const MOST_ANSWERS = 80;

const logistic = (z: number): number => 1 / (1 + Math.exp(-1.702 * z));
const stepOf = (ohm: number): number => (ohm <= LOWEST_OHM ? 0 : Math.min(STEPS - 1, 1 + Math.floor(Math.log(ohm / LOWEST_OHM) / STEP)));
const EDGES = Array.from({ length: STEPS }, (_, step) => (step === 0 ? LOWEST_OHM : LOWEST_OHM * Math.exp(step * STEP)));

function entropyBits(chances: ArrayLike<number>): number {
  let sum = 0;
  for (let index = 0; index < chances.length; index += 1) {
    const p = chances[index] ?? 0;
    if (p > 0) sum -= p * Math.log2(p);
  }
  return sum;
}

/** Spreads what an answer expects of a pair over the steps; the last place stands for no path. */
function expectReading(
  { structure, postOf }: WeighedSolution,
  fits: readonly ScaledFit[],
  [a, b]: readonly [number, number],
  board: BoardTable["board"],
  into: Float64Array,
): void {
  const size = structure.places.length;
  const way = structure.ways[postOf.indexOf(a) * size + postOf.indexOf(b)] ?? -1;
  into.fill(0);
  if (way < 0) {
    into[STEPS] = 1;
    return;
  }
  for (const fit of fits) {
    const { weight, values } = fit;
    let mean = board.leadOhm;
    for (let joint = 0; joint < structure.joints.length; joint += 1) if (way & (1 << joint)) mean += values[joint] ?? 0;
    const variance = covarianceOf(fit, way, way) + board.leadStandardOhm ** 2;
    const standard = Math.sqrt(variance + (0.1 + 0.005 * Math.abs(mean)) ** 2);
    const from = stepOf(mean - 3 * standard);
    const to = stepOf(mean + 3 * standard);
    let below = 0;
    for (let step = from; step <= to; step += 1) {
      const upTo = step === to ? 1 : logistic(((EDGES[step] ?? 0) - mean) / standard);
      into[step] = (into[step] ?? 0) + weight * (upTo - below);
      below = upTo;
    }
  }
}

/**
 * The pair whose reading is expected to settle most of what is still open: I = H(reading) − Σ P(answer) H(reading | answer),
 * less what it would only tell about ohms.
 * @param answers weighed, the likeliest first; `keyOf` tells which of them come to the same
 * @returns null when every pair was measured
 * @source Cover & Thomas, Elements of Information Theory, eq. 2.38
 */
export function nextProbe(
  answers: readonly WeighedSolution[],
  table: BoardTable,
  keyOf: (answer: WeighedSolution) => string,
): Probe | null {
  const likely = answers.filter(({ probability }) => probability > LEAST_WEIGHT).slice(0, MOST_ANSWERS);
  const total = likely.reduce((sum, { probability }) => sum + probability, 0);
  const groups = new Map<string, { weight: number; mixed: Float64Array }>();
  for (const answer of likely) {
    const key = keyOf(answer);
    const group = groups.get(key) ?? { weight: 0, mixed: new Float64Array(STEPS + 1) };
    group.weight += answer.probability / total;
    groups.set(key, group);
  }
  const grouped = likely.map((answer) => ({ answer, fits: scaledFits(answer, table), group: groups.get(keyOf(answer)) }));
  const reading = new Float64Array(STEPS + 1);
  const mixed = new Float64Array(STEPS + 1);
  let best: Probe | null = null;
  for (let a = 0; a < table.size; a += 1) {
    for (let b = a + 1; b < table.size; b += 1) {
      if (table.state[a * table.size + b] !== UNMEASURED) continue;
      mixed.fill(0);
      for (const { mixed: own } of groups.values()) own.fill(0);
      for (const { answer, fits, group } of grouped) {
        expectReading(answer, fits, [a, b], table.board, reading);
        const weight = answer.probability / total;
        for (let step = 0; step <= STEPS; step += 1) {
          const part = weight * (reading[step] ?? 0);
          if (part === 0) continue;
          mixed[step] = (mixed[step] ?? 0) + part;
          if (group) group.mixed[step] = (group.mixed[step] ?? 0) + part / group.weight;
        }
      }
      const within = [...groups.values()].reduce((sum, { weight, mixed: own }) => sum + weight * entropyBits(own), 0);
      const bits = Math.max(0, entropyBits(mixed) - within);
      if (best === null || bits > best.bits + 1e-9) best = { a, b, bits, why: "parts" };
    }
  }
  return best;
}

/**
 * A pair that would show a joint no reading has reached yet: every winding is seen once before the board counts as done.
 * @param key the answer in hand; `keyOf` finds the one that stands for it
 */
export function unseenProbe(
  answers: readonly WeighedSolution[],
  key: string,
  keyOf: (answer: WeighedSolution) => string,
  table: BoardTable,
): Probe | null {
  const answer = answers.find((each) => keyOf(each) === key);
  if (!answer) return null;
  const { structure, postOf, fit } = answer;
  const size = structure.places.length;
  const unseen = structure.joints.flatMap((_, joint) => (fit.ohms[joint] === null ? [1 << joint] : []));
  for (let p = 0; p < size; p += 1) {
    for (let q = p + 1; q < size; q += 1) {
      if (!unseen.includes(structure.ways[p * size + q] ?? 0)) continue;
      const [a, b] = [postOf[p] ?? 0, postOf[q] ?? 0].sort((x, y) => x - y) as [number, number];
      if (table.state[a * table.size + b] === UNMEASURED) return { a, b, bits: 0, why: "unseen" };
    }
  }
  return null;
}

/** Posts beyond a reading on either side, when only other readings join them; null where they close a ring around it. */
function sidesOf(edges: readonly (readonly [number, number])[], left: readonly [number, number], posts: number): Set<number> | null {
  const reached = new Set([left[0]]);
  for (let round = 0; round < posts; round += 1)
    for (const edge of edges) {
      if (edge === left) continue;
      const [a, b] = edge;
      if (reached.has(a)) reached.add(b);
      else if (reached.has(b)) reached.add(a);
    }
  return reached.has(left[1]) ? null : reached;
}

/** Posts that are joined by the readings made so far, as groups of more than one. */
function joinedGroups(edges: readonly (readonly [number, number])[]): Set<number>[] {
  const groups: Set<number>[] = [];
  for (const edge of edges) {
    const touching = groups.filter((group) => edge.some((post) => group.has(post)));
    for (const group of touching) groups.splice(groups.indexOf(group), 1);
    groups.push(new Set([...touching.flatMap((group) => [...group]), ...edge]));
  }
  return groups;
}

/** A fit less likely than this is checked once more before it is believed: one figure may have slipped. */
const WELL_ENOUGH = 0.05;

/**
 * A pair that checks readings which no other reading checks: in a group of three posts and more each figure belongs to a
 * ring of readings whose sum must close, so that a slip in any of them shows. A group of four and more has a second ring,
 * for one figure that slipped may close a ring with its roles exchanged; so has one that fits none too well.
 * @param probability chance of the fit in hand
 * @returns the pair that checks the most; null where all are checked, or nothing is left to measure
 */
export function checkingProbe({ board, size, state }: BoardTable, probability: number): Probe | null {
  const edges: (readonly [number, number])[] = [];
  for (let a = 0; a < board.posts; a += 1)
    for (let b = a + 1; b < board.posts; b += 1) if (state[a * size + b] === PATH) edges.push([a, b]);
  const unchecked = edges.flatMap((edge) => sidesOf(edges, edge, board.posts) ?? []);
  let best: { readonly probe: Probe; readonly checks: number } | null = null;
  for (const group of joinedGroups(edges)) {
    const read = edges.filter(([a]) => group.has(a)).length;
    const isThin = group.size > 2 && (probability < WELL_ENOUGH || (group.size > 3 && read <= group.size));
    for (const a of group)
      for (const b of group) {
        if (a >= b || state[a * size + b] !== UNMEASURED) continue;
        const checks = unchecked.filter((posts) => posts.has(a) !== posts.has(b)).length + (isThin ? 0.5 : 0);
        if (checks > 0 && (best === null || checks > best.checks)) best = { probe: { a, b, bits: 0, why: "checks" }, checks };
      }
  }
  return best?.probe ?? null;
}

/** Any pair not read yet; null once all are. */
export function unreadProbe({ size, state }: BoardTable): Probe | null {
  for (let a = 0; a < size; a += 1)
    for (let b = a + 1; b < size; b += 1) if (state[a * size + b] === UNMEASURED) return { a, b, bits: 0, why: "parts" };
  return null;
}

/** What a pair should show under one answer: ohms as the meter would show them, or null for no path. */
export function expectedOhm(answer: WeighedSolution, [a, b]: readonly [number, number], table: BoardTable): number | null {
  const { structure, postOf } = answer;
  const way = structure.ways[postOf.indexOf(a) * structure.places.length + postOf.indexOf(b)] ?? -1;
  if (way < 0) return null;
  const fits = scaledFits(answer, table);
  const total = fits.reduce((sum, { weight }) => sum + weight, 0);
  const joints = fits.reduce((sum, { weight, values }) => {
    let own = 0;
    for (let joint = 0; joint < structure.joints.length; joint += 1) if (way & (1 << joint)) own += values[joint] ?? 0;
    return sum + (weight / total) * own;
  }, 0);
  return joints + table.board.leadOhm;
}

/** Pairs measured so far, and how many there are. */
export function countPairs(table: BoardTable): { readonly measured: number; readonly all: number } {
  const { size, state } = table;
  let measured = 0;
  for (let a = 0; a < size; a += 1) for (let b = a + 1; b < size; b += 1) if ((state[a * size + b] ?? UNMEASURED) >= NO_PATH) measured += 1;
  return { measured, all: (size * (size - 1)) / 2 };
}
