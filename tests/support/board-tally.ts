import {
  identifyThreeLeads,
  solveBoard,
  understandBoard,
  USUAL_QUERY,
  type Board,
  type BoardQuery,
  type BoardReading,
  type BoardSolution,
  type BoardUnderstanding,
  type Layout,
  type PairReading,
  type ThreeLeadAnswer,
} from "@/core/winding";
import { findingsOfBoard } from "@/core/stations/windings/findings";
import { isTruth, windingsBetween } from "./board-truth";
import { simulateBoard, type Random, type SimulatedBoard } from "./simulated-board";

/* Sound boards as people probe and key them: every layout, all pairs or by the advice, some low in ohms, some with a slip. */

export interface TallyOptions {
  readonly layouts: readonly Layout[];
  readonly boards: number;
  readonly random: Random;
  readonly query?: BoardQuery;
}

export interface BoardTally {
  readonly boards: number;
  /** settled, or likely, on other roles than the true ones */
  readonly wrong: number;
  /** of those, with a slip in a figure that no other figure checks: a winding that shares no post with another */
  readonly wrongUncheckable: number;
  /** a winding of a sound board accused */
  readonly condemned: number;
  readonly settled: number;
  /** settled by the advice while another layout fits the readings made so far and comes to something else */
  readonly early: number;
}

const slips: readonly ((ohm: number, random: Random) => number)[] = [
  (ohm) => ohm * 10,
  (ohm) => ohm / 10,
  // The first two digits exchanged.
  (ohm) => {
    const [first = "0", second = "0", ...rest] = String(Math.round(10 * ohm));
    return Number(`${second}${first}${rest.join("")}`) / 10;
  },
  (ohm, random) => ohm + Math.ceil(4 * random()) * 10 ** Math.floor(Math.log10(Math.max(1, ohm))),
];

/** One ohms reading of a board keyed wrong; the pair it was, or null where nothing reads. */
function slipInto(made: SimulatedBoard, random: Random): { readonly made: SimulatedBoard; readonly pair: BoardReading | null } {
  const readable = made.board.readings.filter((each) => each.kind === "ohms" && each.ohm >= 1);
  const slipped = readable[Math.floor(random() * readable.length)];
  const slip = slips[Math.floor(random() * slips.length)];
  if (slipped?.kind !== "ohms" || !slip) return { made, pair: null };
  const ohm = Math.round(10 * slip(slipped.ohm, random)) / 10;
  const readings = made.board.readings.map((each) =>
    each === slipped ? { ...slipped, ohm, standardUncertainty: (0.008 * ohm + 0.2) / Math.sqrt(3) } : each,
  );
  return { made: { ...made, board: { ...made.board, readings } }, pair: ohm === slipped.ohm ? null : slipped };
}

/** Probes by the advice alone, with the readings as they were keyed. */
function followAdvice(board: Board, query: BoardQuery): { readonly found: BoardUnderstanding; readonly readings: Board["readings"] } {
  let readings: Board["readings"] = [];
  for (;;) {
    const found = understandBoard({ ...board, readings }, query);
    const { next } = found;
    const wanted = next && board.readings.find(({ a, b }) => (a === next.a && b === next.b) || (a === next.b && b === next.a));
    if (!wanted || readings.includes(wanted)) return { found, readings };
    readings = [...readings, wanted];
  }
}

/** No other path reads on either post: nothing can check the figure. */
const isUncheckable = ({ readings }: Board, pair: BoardReading | null): boolean =>
  pair !== null &&
  readings.filter(({ a, b, kind }) => kind === "ohms" && [a, b].some((post) => post === pair.a || post === pair.b)).length === 1;

/** Boards of every layout in turn; every third low in ohms, every third with a slip, every second by the advice. */
export function tallyBoards({ layouts, boards, random, query = USUAL_QUERY }: TallyOptions): BoardTally {
  const tally = { boards: 0, wrong: 0, wrongUncheckable: 0, condemned: 0, settled: 0, early: 0 };
  for (let index = 0; index < boards; index += 1) {
    const layout = layouts[index % layouts.length];
    if (!layout) break;
    const round = Math.floor(index / layouts.length);
    const sound = simulateBoard(layout, null, random, false, round % 3 === 1);
    const { made, pair } = round % 3 === 2 ? slipInto(sound, random) : { made: sound, pair: null };
    const isAdvised = random() < 0.5;
    const { found, readings } = isAdvised
      ? followAdvice(made.board, query)
      : { found: understandBoard(made.board, query), readings: made.board.readings };
    const [best] = found.answers;
    const isNamed = found.state === "settled" || found.state === "likely";
    tally.boards += 1;
    if (found.state === "settled") tally.settled += 1;
    if (found.state === "settled" && best && isEarly({ ...made.board, readings }, best)) tally.early += 1;
    if (isNamed && best && !isTruth(best, sound)) {
      tally.wrong += 1;
      if (isUncheckable(made.board, pair)) tally.wrongUncheckable += 1;
    }
    if (findingsOfBoard(found).some(({ weights }) => Object.keys(weights).some((outcome) => outcome !== "good"))) tally.condemned += 1;
  }
  return tally;
}

/** How much further off than the best a layout may lie and still fit: a chance of 0.001. */
const FITS = 10.8;

/** Another sound layout fits these readings, and has its windings elsewhere. */
function isEarly(board: Board, best: BoardSolution): boolean {
  const { list } = solveBoard(board).sound;
  const excess = ({ fit }: BoardSolution): number => fit.chi2 - fit.dof;
  const least = Math.min(...list.map(excess));
  return list.some((each) => excess(each) <= least + FITS && windingsBetween(each) !== windingsBetween(best));
}

/** How three sound leads of a large motor were called; `wrong`: named, and not as they are. */
export type LowOhmTally = Readonly<Partial<Record<ThreeLeadAnswer["kind"] | "wrong", number>>>;

/** Sound motors on three leads with main windings of 0.3 to 1.5 Ω, read to tenths with test leads of about 0.2 Ω. */
export function tallyLowOhms(motors: number, random: Random): LowOhmTally {
  const tally: Partial<Record<ThreeLeadAnswer["kind"] | "wrong", number>> = {};
  for (let motor = 0; motor < motors; motor += 1) {
    const main = 0.3 + 1.2 * random();
    const start = main * (1.2 + 3 * random());
    const lead = 0.15 + 0.1 * random();
    const shown = (ohm: number): PairReading => {
      const read = Math.max(0, Math.round(10 * (ohm + lead + (random() * 2 - 1) * (0.008 * ohm + 0.1))) / 10);
      return { kind: "ohms", ohm: read, standardUncertainty: (0.008 * read + 0.2) / Math.sqrt(3) };
    };
    const found = identifyThreeLeads({
      pairs: [shown(main), shown(main + start), shown(start)],
      marks: [null, null, null],
      leadOhm: 0.2,
      leadStandardOhm: 0.05,
      nearZeroOhm: 0.5,
      coverageFactor: 2,
      mayBeEqual: false,
    });
    const key = found.kind === "named" && found.roles.join() !== "common,run,start" ? "wrong" : found.kind;
    tally[key] = (tally[key] ?? 0) + 1;
  }
  return tally;
}
