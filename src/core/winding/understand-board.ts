import type { MotorType } from "../trade";
import { keyOf, plainRole, rolesByPost } from "./answer-key";
import { hasCutPost, tableOf, type Board, type BoardTable } from "./board";
import type { LayoutRole } from "./layout";
import { checkingProbe, countPairs, expectedOhm, nextProbe, unreadProbe, unseenProbe, type Probe } from "./next-probe";
import { sampleSolutions } from "./sample-solutions";
import { findMisfits, solveWith, USUAL_SOLVE, type BoardSolution, type SolveOptions, ohmsBetween, type Misfit } from "./solve-board";
import { slippedReadings } from "./slipped-readings";
import { unknownJoint, unknownLayoutOf, type PostGroup } from "./unknown-layout";
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
   * `open`: a probe would part or check what is left; then `settled`: every layout that fits gives the same roles and the
   * same connection; `likely`: one answer, but ohms cannot exclude another; `cannot-tell`: several; `unknown`: no layout
   * known here fits, though the readings agree; `contradiction`: a reading does not belong with the others
   */
  readonly state: "empty" | "open" | "settled" | "likely" | "cannot-tell" | "unknown" | "contradiction";
  /** the likeliest first; of a sample where there were too many to list */
  readonly answers: readonly BoardAnswer[];
  /** what hangs together and the ohms of it, where no layout names it */
  readonly groups: readonly PostGroup[];
  readonly isSample: boolean;
  /** a sound layout explains every reading, however common it is: then no fault is more than a possibility */
  readonly canBeSound: boolean;
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

/** A fault this likely counts as settled; an answer this likely, as the one to work with. */
const SETTLED = 0.99;
const LIKELY = 0.85;
/** A post's role is shown while several answers are left once so much of them gives it that role. */
const AGREED_BY_ALL = 0.98;
/** Faults together may be this likely beside a sound layout that explains every reading; more is said. */
const SELDOM_FAULTY = 0.1;
/** A probe that tells less than this does not part the answers; with all answers taken as equally likely, less than that. */
const WORTH_PROBING_BITS = 0.03;
const WORTH_PARTING_BITS = 0.05;
/** A layout whose chi-square is so much further beyond its degrees of freedom than the best does not fit: a chance of 0.001. */
const FITS_NO_MORE = 10.8;
const LISTED = 400;
const SAMPLE = 160;
/** Places to try before a list of all answers is given up for a sample. */
const BUDGET = 20_000;
/** And to look thoroughly, where chance found no way at all. */
const THOROUGH_BUDGET = 40_000;
/** Answers less likely than this are not worth a word. */
const WORTH_SAYING = 0.003;
const SHOWN = 8;

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

function agreedRoles(answers: readonly BoardAnswer[], posts: number, share: number): (readonly LayoutRole[] | null)[] {
  const [best] = answers;
  return Array.from({ length: posts }, (_, post) => {
    const wanted = best?.roles[post];
    if (!wanted) return null;
    const plain = (roles: readonly LayoutRole[] | undefined): string => (roles ?? []).map(plainRole).join("/");
    const agreeing = answers
      .filter(({ roles }) => plain(roles[post]) === plain(wanted))
      .reduce((sum, { probability }) => sum + probability, 0);
    return agreeing >= share ? wanted : null;
  });
}

interface Candidates {
  readonly list: readonly WeighedSolution[];
  readonly isSample: boolean;
}

/** All ways with this many faults, weighed; a sample where there are too many to list. */
function candidates(table: BoardTable, query: BoardQuery, tiers: readonly boolean[], others: readonly BoardSolution[] = []): Candidates {
  const options = { ...query.options, limit: LISTED, budget: table.isFull ? query.options.budget : BUDGET };
  const found = tiers.map((isFaulty) => {
    const { list, isComplete } = solveWith(table, options, isFaulty);
    if (isComplete || table.isFull) return { list, isSample: false };
    const sample = sampleSolutions(table, options, isFaulty, SAMPLE);
    if (sample.length > 0) return { list: sample, isSample: true };
    // So few ways are left that chance does not find them: look for them thoroughly.
    const thorough = solveWith(table, { ...options, budget: THOROUGH_BUDGET }, isFaulty);
    return { list: thorough.list, isSample: !thorough.isComplete };
  });
  return {
    list: weighSolutions([...found.flatMap(({ list }) => list), ...others], table, query),
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

/** What is left of a board: its answers weighed, what to probe, and the board as no layout knows it. */
interface WeighedCandidates extends Candidates {
  readonly next: Probe | null;
  /** sound answers that fit and differ in practice */
  readonly soundKeys: number;
  readonly unknown: { readonly probability: number; readonly groups: readonly PostGroup[] } | null;
}

/** Sound ways that fit about as well as the best does; how likely they were before counts for nothing here. */
function stillFitting(list: readonly WeighedSolution[]): readonly WeighedSolution[] {
  const excess = ({ fit }: WeighedSolution): number => fit.chi2 - fit.dof;
  const least = Math.min(...list.map(excess));
  return list.filter((each) => excess(each) <= least + FITS_NO_MORE);
}

/** The same answers, each as likely as the others: what fits is parted by a reading, not by how common it is. */
function evened(list: readonly WeighedSolution[], key: (solution: BoardSolution) => string): WeighedSolution[] {
  const totals = new Map<string, number>();
  for (const each of list) totals.set(key(each), (totals.get(key(each)) ?? 0) + each.probability);
  return list
    .map((each) => ({ ...each, probability: each.probability / (totals.get(key(each)) ?? 1) / totals.size }))
    .sort((a, b) => b.probability - a.probability);
}

/**
 * Sound ways alone lead the probing, until every layout that fits comes to the same and each figure is checked by another;
 * then faulty ones must be excluded as well, or said.
 */
function weighAll(table: BoardTable, query: BoardQuery): WeighedCandidates {
  const { board } = table;
  const key = (solution: BoardSolution): string => keyOf(solution, board.posts);
  const sound = candidates(table, query, [false]);
  const fitting = stillFitting(sound.list);
  const keys = new Set(fitting.map(key));
  const soFar = { ...sound, soundKeys: keys.size, unknown: null };
  const [best] = toAnswers(sound.list, board.posts);
  if (best !== undefined && (sound.isSample || keys.size > 1)) {
    const next = nextProbe(sound.list, table, key);
    if (next !== null && (sound.isSample || next.bits >= WORTH_PROBING_BITS)) return { ...soFar, next };
    const parting = sound.isSample ? null : nextProbe(evened(fitting, key), table, key);
    if (parting !== null && parting.bits >= WORTH_PARTING_BITS) return { ...soFar, next: parting };
  }
  const isNamed = best !== undefined && !sound.isSample && keys.size === 1;
  const more = isNamed ? (unseenProbe(sound.list, key(best), key, table) ?? checkingProbe(table, best.fit.probability)) : null;
  if (more) return { ...soFar, next: more };
  return weighFaults(table, query, soFar, key);
}

/** Faults beside what is sound; where nothing sound is known, beside a board of another layout. */
function weighFaults(
  table: BoardTable,
  query: BoardQuery,
  soFar: Omit<WeighedCandidates, "next">,
  key: (solution: BoardSolution) => string,
): WeighedCandidates {
  const isSoundKnown = soFar.list.length > 0;
  const other = isSoundKnown || soFar.isSample ? null : unknownLayoutOf(table, query.options, query.motorType);
  const all = candidates(table, query, [false, true], other ? [other.solution] : []);
  const known = all.list.filter(({ structure }) => structure !== other?.solution.structure);
  const probability = 1 - known.reduce((sum, each) => sum + each.probability, 0);
  const unknown = other ? { probability: Math.max(0, probability), groups: other.groups } : null;
  const found = { ...all, list: known, soundKeys: soFar.soundKeys, unknown };
  const next = known.length > 0 ? nextProbe(known, table, key) : null;
  if (next !== null && (all.isSample || next.bits >= WORTH_PROBING_BITS)) return { ...found, next };
  // What hangs together is seen before anything is said of a board that no sound layout fits.
  const joint = isSoundKnown ? null : unknownJoint(table);
  return { ...found, next: joint && { ...joint, bits: 0, why: "groups" } };
}

function stateOf(
  measured: number,
  { isSample, next, unknown, soundKeys, list }: WeighedCandidates,
  best: BoardAnswer,
): BoardUnderstanding["state"] {
  if (measured === 0) return "empty";
  if (next !== null || isSample) return "open";
  if (unknown !== null && unknown.probability > 1 - LIKELY) return "unknown";
  const faulty = list.reduce((sum, { structure, probability }) => (structure.fault === null ? sum : sum + probability), 0);
  if (best.structure.fault === null && soundKeys === 1 && faulty <= SELDOM_FAULTY) return "settled";
  if (best.structure.fault !== null && soundKeys > 0) return "cannot-tell";
  const isSure = best.structure.fault !== null && best.probability >= SETTLED;
  return isSure ? "settled" : best.probability >= LIKELY ? "likely" : "cannot-tell";
}

/**
 * What a board is, from the readings made so far: the answers that are left with their chances, the roles on which they
 * agree, each reading against what it should be, and the pair to probe next. Where no layout fits, what hangs together.
 * @param board posts and readings
 * @param query marks, motor type and bounds of the work
 * @returns answers with their chances, what is settled, and the next pair to probe
 */
export function understandBoard(board: Board, query: BoardQuery = USUAL_QUERY): BoardUnderstanding {
  const table = tableOf(board);
  const { measured, all: pairs } = countPairs(table);
  const nobody = Array.from({ length: board.posts }, () => null);
  const nothing = {
    answers: [],
    groups: [],
    expected: [],
    isSample: false,
    canBeSound: false,
    settledRoles: nobody,
    residuals: [],
    misfits: [],
    measured,
    pairs,
  };
  // Before anything is measured one pair is as good as another.
  if (measured === 0) return { ...nothing, state: "empty", next: board.posts > 1 ? { a: 0, b: 1, bits: 0, why: "parts" } : null };
  const found = weighAll(table, query);
  const answers = toAnswers(found.list, board.posts);
  const groups = found.unknown?.groups ?? [];
  const isSoundLeft = found.soundKeys > 0;
  const misfits = isSoundLeft || found.next !== null || found.isSample || found.unknown ? [] : findMisfits(board, query.options);
  const [best] = answers;
  if (!best && found.unknown && !found.next) return { ...nothing, state: "unknown", groups, next: null };
  // None found is not none there, as long as not all ways were tried.
  if (!best && found.isSample) return { ...nothing, state: "open", isSample: true, next: unreadProbe(table) };
  if (!best && found.next) return { ...nothing, state: "open", next: found.next };
  if (!best) return { ...nothing, state: "contradiction", next: null, misfits };
  const shown = answers.filter(({ probability }) => probability >= WORTH_SAYING).slice(0, SHOWN);
  // One figure against all others: a fault would explain it, and so would a slip.
  if (slippedReadings(table, misfits).length > 0) return { ...nothing, state: "contradiction", answers: shown, next: null, misfits };
  const state = stateOf(measured, found, best);
  return {
    ...nothing,
    state,
    answers: shown,
    groups: state === "unknown" ? groups : [],
    expected: found.next ? expectationsOf(shown, found.list, found.next, table) : [],
    isSample: found.isSample,
    canBeSound: isSoundLeft,
    settledRoles:
      found.isSample || state === "unknown" || (state === "cannot-tell" && hasCutPost(board))
        ? nobody
        : agreedRoles(answers, board.posts, state === "settled" || state === "likely" ? LIKELY : AGREED_BY_ALL),
    residuals: found.isSample ? [] : residualsOf(best, table),
    next: found.next,
  };
}
