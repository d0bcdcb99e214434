import { faultsOf, LAYOUTS, layoutOf, tableOf, understandBoard, USUAL_QUERY, USUAL_SOLVE, type Board } from "@/core/winding";
import { solveWith } from "@/core/winding/solve-board";
import { isTruth, isTrueFault, probeByAdvice } from "../../tests/support/board-truth";
import { tallyBoards, tallyLowOhms } from "../../tests/support/board-tally";
import { findingsOfBoard } from "@/core/stations/windings/findings";
import { plainEnumeration } from "../../tests/support/plain-enumeration";
import { randomFrom, simulateBoard } from "../../tests/support/simulated-board";

/* Prints the figures of the board solver: times, a plain enumeration beside it, probes needed, and how often it is right. */

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
const highest = (values: readonly number[]): number => Math.max(...values);
function time<T>(run: () => T): { readonly ms: number; readonly value: T } {
  const start = performance.now();
  const value = run();
  return { ms: performance.now() - start, value };
}
const ofSize = (posts: number): readonly string[] => LAYOUTS.filter(({ roles }) => roles.length === posts).map(({ id }) => id);

function boardsOf(posts: number, each: number): Board[] {
  const random = randomFrom(posts);
  return ofSize(posts).flatMap((id) => Array.from({ length: each }, () => simulateBoard(layoutOf(id), null, random).board));
}

/** All pairs read: sound and faulty ways, misfits where there is none. */
function solveTimes(posts: number): { readonly medianMs: number; readonly longestMs: number } {
  const boards = boardsOf(posts, 6);
  boards.forEach((board) => understandBoard(board));
  const times = boards.map((board) => time(() => understandBoard(board)).ms);
  return { medianMs: median(times), longestMs: highest(times) };
}

/** The same catalogue tried by every order of the posts, sound ways only on both sides. */
function againstEnumeration(posts: number): { readonly plainMs: number; readonly searchMs: number; readonly ratio: number } {
  const [board] = boardsOf(posts, 1);
  if (!board) throw new Error(`there is a layout with ${posts} posts`);
  const options = { ...USUAL_SOLVE, spares: 0 };
  const plain = time(() => plainEnumeration(board, options));
  const search = median(Array.from({ length: 9 }, () => time(() => solveWith(tableOf(board), options, false)).ms));
  const found = solveWith(tableOf(board), options, false).list.length;
  if (plain.value !== found) throw new Error(`both find the same ways, got ${plain.value} and ${found}`);
  return { plainMs: plain.ms, searchMs: search, ratio: plain.ms / search };
}

/** Probes until nothing more is asked, following the advice alone. */
function probesFor(
  id: string,
  boards: number,
): {
  readonly id: string;
  readonly posts: number;
  readonly mean: number;
  readonly all: number;
  readonly medianMs: number;
  readonly longestMs: number;
  readonly wrong: number;
} {
  const random = randomFrom(17);
  const runs = Array.from({ length: boards }, () => {
    const made = simulateBoard(layoutOf(id), null, random);
    const run = probeByAdvice(made, USUAL_QUERY);
    const isWrong = run.found.state === "settled" && !(run.found.answers[0] && isTruth(run.found.answers[0], made));
    return { probes: run.readings.length, timesMs: run.timesMs, isWrong };
  });
  const posts = layoutOf(id).roles.length;
  return {
    id,
    posts,
    all: (posts * (posts - 1)) / 2,
    mean: runs.reduce((sum, { probes }) => sum + probes, 0) / boards,
    medianMs: median(runs.flatMap(({ timesMs }) => timesMs)),
    longestMs: highest(runs.flatMap(({ timesMs }) => timesMs)),
    wrong: runs.filter(({ isWrong }) => isWrong).length,
  };
}

interface Tally {
  boards: number;
  right: number;
  told: number;
  wrong: number;
}

/** Every layout, sound and with every single fault: named rightly, said that ohms cannot tell, or named wrongly. */
function tally(isFaulty: boolean, each: number): Tally {
  const random = randomFrom(isFaulty ? 23 : 29);
  const count: Tally = { boards: 0, right: 0, told: 0, wrong: 0 };
  for (const layout of LAYOUTS) {
    const cases = isFaulty
      ? [false, true].flatMap((hasFrame) =>
          faultsOf(layout, hasFrame)
            .filter(({ kind }) => hasFrame === (kind === "ground"))
            .map((fault) => ({ fault, hasFrame })),
        )
      : [{ fault: null, hasFrame: false }];
    for (const { fault, hasFrame } of cases) {
      for (let round = 0; round < each; round += 1) {
        const made = simulateBoard(layout, fault, random, hasFrame);
        const { state, answers } = understandBoard(made.board);
        const [best] = answers;
        const isRight = best !== undefined && isTruth(best, made) && isTrueFault(best, made);
        count.boards += 1;
        if (state === "settled") count[isRight ? "right" : "wrong"] += 1;
        else if (state === "likely" && isRight) count.right += 1;
        else count.told += 1;
      }
    }
  }
  return count;
}

/** Sound boards of every layout, with that layout taken out of the catalogue: how often something is accused. */
function heldOut(): { readonly boards: number; readonly condemned: number } {
  const random = randomFrom(31);
  const count = { boards: 0, condemned: 0 };
  for (const layout of LAYOUTS.filter(({ roles }) => roles.length >= 4 && roles.length <= 9)) {
    const query = { ...USUAL_QUERY, options: { ...USUAL_SOLVE, layouts: LAYOUTS.filter((each) => each !== layout) } };
    for (const isLow of [false, true]) {
      const found = understandBoard(simulateBoard(layout, null, random, false, isLow).board, query);
      const isAccused = findingsOfBoard(found).some(({ weights }) => Object.keys(weights).some((outcome) => outcome !== "good"));
      count.boards += 1;
      if (isAccused) count.condemned += 1;
    }
  }
  return count;
}

const PROBED = [
  "csr",
  "isolated2",
  "tap2_c",
  "tap3_c",
  "dual_voltage",
  "tap5_c",
  "isolated2_switch_capacitor",
  "isolated2_switch_protector",
  "dual_voltage_switch",
  "tap5_lo_two_capacitor_leads",
];

console.log(
  JSON.stringify({
    solve8: solveTimes(8),
    solve12: solveTimes(12),
    enumeration: [6, 7, 8].map((posts) => ({ posts, ...againstEnumeration(posts) })),
    probes: PROBED.map((id) => probesFor(id, 10)),
    sound: tally(false, 6),
    faulty: tally(true, 1),
    random: tallyBoards({ layouts: LAYOUTS.filter(({ roles }) => roles.length !== 3), boards: 2000, random: randomFrom(2027) }),
    lowOhms: tallyLowOhms(20_000, randomFrom(9)),
    unlisted: heldOut(),
  }),
);
