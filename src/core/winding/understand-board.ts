import { tableOf, type Board, type BoardTable } from "./board";
import { isNearZero } from "./fit-board";
import type { MotorType } from "../motor";
import type { LayoutRole } from "./layout";
import { countPairs, expectedOhm, nextProbe, unseenProbe, type Probe } from "./next-probe";
import { sampleSolutions } from "./sample-solutions";
import { findMisfits, solveWith, USUAL_SOLVE, type BoardSolution, type SolveOptions, ohmsBetween, type Misfit } from "./solve-board";
import { weighSolutions, type WeighedSolution } from "./weigh-solutions";

/** A way to understand the board that differs from the others in practice. */
export interface BoardAnswer extends BoardSolution {
  readonly probability: number;
  /** roles of each post; several where posts are joined near zero and ohms cannot part them */
  readonly roles: readonly (readonly LayoutRole[])[];
}

/** What a reading should have been under an answer. */
export interface Residual {
  readonly a: number;
  readonly b: number;
  readonly measuredOhm: number;
  readonly expectedOhm: number;
  /** difference in standard uncertainties of the reading */
  readonly score: number;
}

export interface BoardUnderstanding {
  /**
   * `open`: a probe would part what is left; then `settled`: one answer; `likely`: one, but ohms cannot exclude another;
   * `cannot-tell`: several; `contradiction`: none, with or without a fault
   */
  readonly state: "empty" | "open" | "settled" | "likely" | "cannot-tell" | "contradiction";
  /** the likeliest first; of a sample where there were too many to list */
  readonly answers: readonly BoardAnswer[];
  readonly isSample: boolean;
  /** roles on which all likely answers agree, by post */
  readonly settledRoles: readonly (readonly LayoutRole[] | null)[];
  readonly residuals: readonly Residual[];
  readonly misfits: readonly Misfit[];
  /** pair to probe now; null when no reading would part what is left */
  readonly next: Probe | null;
  /** what that pair should show under each of the answers, in their order; ohms, or null for no path */
  readonly expected: readonly (number | null)[];
  readonly measured: number;
  readonly pairs: number;
}

/** One answer this likely counts as settled; this likely, as the one to work with. */
const SETTLED = 0.99;
const LIKELY = 0.85;
/** A probe that tells less than this does not part the answers. */
const WORTH_PROBING_BITS = 0.03;
const LISTED = 400;
const SAMPLE = 160;
/** Places to try before a list of all answers is given up for a sample. */
const BUDGET = 30_000;
/** Answers less likely than this are not worth a word. */
const WORTH_SAYING = 0.003;
const SHOWN = 8;

/** Roles that ohms cannot part: exchanged by the layout, or joined near zero. */
function rolesByPost({ structure, postOf }: BoardSolution, posts: number): (readonly LayoutRole[])[] {
  const { places, joints, ways } = structure;
  const size = places.length;
  const near = joints.reduce((mask, joint, index) => (isNearZero(joint) ? mask | (1 << index) : mask), 0);
  return Array.from({ length: posts }, (_, post) => {
    const place = postOf.indexOf(post);
    const together = places.filter((_, other) => {
      const way = ways[place * size + other] ?? -1;
      return way >= 0 && (way & ~near) === 0;
    });
    return together.filter((role) => role !== "frame").sort();
  });
}

/** Roles as far as ohms can tell them: the two ends of one coil, and halves, are one and the same. */
const COMMON_NAMES: readonly (readonly [RegExp, string])[] = [
  [/^(M)[12]$/, "M"],
  [/^(A)[12]$/, "A"],
  // On ohms a capacitor and an unused post look alike; only the capacitance range parts them.
  [/^K[12]$|^spare$/, "nothing"],
  [/^(L)[12]$/, "L"],
  [/^(W)[12]$/, "W"],
  [/^(SW|P)[12]$/, "link"],
  [/^H[12][ab]$/, "H"],
];
const plainRole = (role: LayoutRole): string => COMMON_NAMES.find(([pattern]) => pattern.test(role))?.[1] ?? role;

/** Two answers with the same key come to the same in practice. */
function keyOf(solution: BoardSolution, posts: number): string {
  const { structure, postOf } = solution;
  const { fault, layout, places } = structure;
  const roles = rolesByPost(solution, posts).map((list) => [...new Set(list.map(plainRole))].join("/"));
  const at =
    fault === null
      ? []
      : fault.kind === "ground"
        ? [postOf[places.indexOf(fault.role)] ?? -1]
        : [layout.elements[fault.element]?.from ?? "", layout.elements[fault.element]?.to ?? ""]
            .map((role) => postOf[places.indexOf(role)] ?? -1)
            .sort((a, b) => a - b);
  // Links alone on a board cannot be told apart, so neither can layouts that differ by what a link is called.
  return `${roles.join(" ")} ${fault?.kind ?? ""} ${at.join()}`;
}

function residualsOf(best: BoardSolution, { board }: BoardTable): Residual[] {
  return board.readings.flatMap((reading) => {
    const expectedOhm = reading.kind === "ohms" ? ohmsBetween(best, reading.a, reading.b) : null;
    if (reading.kind !== "ohms" || expectedOhm === null) return [];
    const { a, b, ohm } = reading;
    return [{ a, b, measuredOhm: ohm, expectedOhm, score: (ohm - expectedOhm) / Math.max(reading.standardUncertainty, 1e-3) }];
  });
}

/** Puts together what comes to the same; the best fit of each stands for it. */
function toAnswers(weighed: readonly WeighedSolution[], posts: number): BoardAnswer[] {
  const byKey = new Map<string, BoardAnswer>();
  for (const solution of weighed) {
    const key = keyOf(solution, posts);
    const before = byKey.get(key);
    byKey.set(key, {
      ...(before ?? { structure: solution.structure, postOf: solution.postOf, fit: solution.fit, roles: rolesByPost(solution, posts) }),
      probability: (before?.probability ?? 0) + solution.probability,
    });
  }
  return [...byKey.values()].sort((a, b) => b.probability - a.probability);
}

/** What the next pair should show under each answer; the likeliest way of laying it out speaks for an answer. */
function expectationsOf(
  answers: readonly BoardAnswer[],
  weighed: readonly WeighedSolution[],
  { a, b }: Probe,
  table: BoardTable,
): (number | null)[] {
  return answers.map(({ structure, postOf }) => {
    const own = weighed.find((each) => each.structure === structure && each.postOf === postOf);
    return own ? expectedOhm(own, [a, b], table) : null;
  });
}

function agreedRoles(answers: readonly BoardAnswer[], posts: number): (readonly LayoutRole[] | null)[] {
  const [best] = answers;
  return Array.from({ length: posts }, (_, post) => {
    const wanted = best?.roles[post];
    if (!wanted) return null;
    const plain = (roles: readonly LayoutRole[] | undefined): string => (roles ?? []).map(plainRole).join("/");
    const agreeing = answers
      .filter(({ roles }) => plain(roles[post]) === plain(wanted))
      .reduce((sum, { probability }) => sum + probability, 0);
    return agreeing >= LIKELY ? wanted : null;
  });
}

interface Candidates {
  readonly list: readonly WeighedSolution[];
  readonly isSample: boolean;
}

/** All ways with this many faults, weighed; a sample where there are too many to list. */
function candidates(table: BoardTable, query: BoardQuery, tiers: readonly boolean[]): Candidates {
  const options = { ...query.options, limit: LISTED, budget: table.isFull ? query.options.budget : BUDGET };
  const found = tiers.map((isFaulty) => {
    const { list, isComplete } = solveWith(table, options, isFaulty);
    if (isComplete || table.isFull) return { list, isSample: false };
    const sample = sampleSolutions(table, options, isFaulty, SAMPLE);
    if (sample.length > 0) return { list: sample, isSample: true };
    // So few ways are left that chance does not find them: look for them thoroughly.
    const thorough = solveWith(table, { ...options, budget: query.options.budget }, isFaulty);
    return { list: thorough.list, isSample: !thorough.isComplete };
  });
  return {
    list: weighSolutions(
      found.flatMap(({ list }) => list),
      table,
      query,
    ),
    isSample: found.some(({ isSample }) => isSample),
  };
}

/** What is asked of a board beside its readings. */
export interface BoardQuery {
  /** role written at each post, where it is known; it counts only where readings cannot decide */
  readonly marks: readonly (LayoutRole | null)[];
  readonly motorType: MotorType;
  readonly options: SolveOptions;
}
export const USUAL_QUERY: BoardQuery = { marks: [], motorType: "unknown", options: USUAL_SOLVE };

/** Sound ways alone lead the probing; once they are settled, faulty ones must be excluded as well, or said. */
function weighAll(table: BoardTable, query: BoardQuery): Candidates & { readonly next: Probe | null } {
  const { board } = table;
  const key = (solution: BoardSolution): string => keyOf(solution, board.posts);
  const sound = candidates(table, query, [false]);
  const [best] = toAnswers(sound.list, board.posts);
  const isNamed = best !== undefined && !sound.isSample && best.probability >= SETTLED;
  if (best !== undefined && !isNamed) {
    const next = nextProbe(sound.list, table, key);
    if (next !== null && (sound.isSample || next.bits >= WORTH_PROBING_BITS)) return { ...sound, next };
  }
  const unseen = isNamed ? unseenProbe(sound.list, key(best), key, table) : null;
  if (unseen) return { ...sound, next: unseen };
  const all = candidates(table, query, [false, true]);
  const next = all.list.length > 0 ? nextProbe(all.list, table, key) : null;
  return { ...all, next: next !== null && (all.isSample || next.bits >= WORTH_PROBING_BITS) ? next : null };
}

function stateOf(
  measured: number,
  { isSample, next }: { isSample: boolean; next: Probe | null },
  best: BoardAnswer,
): BoardUnderstanding["state"] {
  if (measured === 0) return "empty";
  if (next !== null || isSample) return "open";
  return best.probability >= SETTLED ? "settled" : best.probability >= LIKELY ? "likely" : "cannot-tell";
}

/**
 * What a board is, from the readings made so far: the answers that are left with their chances, the roles on which they
 * agree, each reading against what it should be, and the pair to probe next.
 */
export function understandBoard(board: Board, query: BoardQuery = USUAL_QUERY): BoardUnderstanding {
  const table = tableOf(board);
  const { measured, all: pairs } = countPairs(table);
  const nobody = Array.from({ length: board.posts }, () => null);
  const nothing = { answers: [], expected: [], isSample: false, settledRoles: nobody, residuals: [], misfits: [], measured, pairs };
  // Before anything is measured one pair is as good as another.
  if (measured === 0) return { ...nothing, state: "empty", next: board.posts > 1 ? { a: 0, b: 1, bits: 0 } : null };
  const found = weighAll(table, query);
  const answers = toAnswers(found.list, board.posts);
  const [best] = answers;
  if (!best) return { ...nothing, state: "contradiction", next: null, misfits: findMisfits(board, query.options) };
  const shown = answers.filter(({ probability }) => probability >= WORTH_SAYING).slice(0, SHOWN);
  return {
    ...nothing,
    state: stateOf(measured, found, best),
    answers: shown,
    expected: found.next ? expectationsOf(shown, found.list, found.next, table) : [],
    isSample: found.isSample,
    settledRoles: found.isSample ? nobody : agreedRoles(answers, board.posts),
    residuals: found.isSample ? [] : residualsOf(best, table),
    next: found.next,
  };
}
