import type { Suspect } from "../trade";
import type { StationId } from "../stations";
import { chanceFrom, FAULT_KINDS, WIDE_KINDS } from "../simulation";
import { SEEDS, WISHES, type MockLevel, type MockSpec, type Wish } from "./mock-case";
import type { MockMarks } from "./world";

/** A first lesson: its case, and the station that it is about. */
export interface Lesson {
  readonly id: string;
  readonly spec: MockSpec;
  readonly read: StationId;
}
const lesson = (id: string, seed: number, wish: Wish, read: StationId): Lesson => ({ id, spec: { seed, level: "plain", wish }, read });

/** Twelve first lessons, in an order that a beginner can go: one part, then one path, then what looks alike. */
export const LESSONS: readonly Lesson[] = [
  lesson("open-capacitor", 101, "run-open", "capacitor"),
  lesson("weak-capacitor", 102, "run-weak", "capacitor"),
  lesson("dead-motor", 103, "supply-absent", "supply"),
  lesson("no-call", 104, "control-silent", "supply"),
  lesson("worn-bearing", 205, "bearing-worn", "hand-turn"),
  lesson("jammed-load", 106, "load-jammed", "uncoupled-run"),
  lesson("open-winding", 107, "main-winding-open", "windings"),
  lesson("ground-fault", 108, "grounded", "frame"),
  lesson("switch-open", 109, "switch-open", "start-gear"),
  lesson("switch-welded", 110, "switch-welded", "start-gear"),
  lesson("damp", 470, "damp", "insulation"),
  lesson("nothing-wrong", 112, "nothing", "run-test"),
];

/** A case that is over, as it is kept. Field names are persisted. */
export interface MockResult {
  readonly code: string;
  readonly at: string;
  /** what was hidden; null: nothing */
  readonly family: Suspect | null;
  readonly minutes: number;
  readonly marks: MockMarks;
}

/**
 * Part a wish is of.
 * @param wish what is hidden
 * @returns null: nothing is wrong
 */
export const familyOfWish = (wish: Wish): Suspect | null => [...FAULT_KINDS, ...WIDE_KINDS].find(({ id }) => id === wish)?.suspect ?? null;

/** How one family stands. */
export interface FamilyProgress {
  readonly family: Suspect | null;
  readonly cases: number;
  /** of the last three, so many right */
  readonly right: number;
  readonly of: number;
}

const LAST = 3;

/**
 * How far each family is known, the weakest first.
 * @param results cases that are over, in any order
 * @returns a row a family that was met
 */
export function progressOf(results: readonly MockResult[]): FamilyProgress[] {
  const families = [...new Set(results.map(({ family }) => family))];
  return families
    .map((family) => {
      const own = results.filter((each) => each.family === family).sort((a, b) => (a.at < b.at ? 1 : -1));
      const last = own.slice(0, LAST);
      return { family, cases: own.length, right: last.filter(({ marks }) => marks.isRight).length, of: last.length };
    })
    .sort((a, b) => a.right / a.of - b.right / b.of || b.cases - a.cases);
}

const DAY_MS = 86_400_000;
/** Days after which a family that is known comes again, doubled with each right case in a row. */
const FIRST_DAYS = 2;
const WEIGHTS = { new: 2, weak: 6, due: 3, known: 0.3 } as const;

function weightOf(family: Suspect | null, results: readonly MockResult[], nowMs: number): number {
  const own = results.filter((each) => each.family === family).sort((a, b) => (a.at < b.at ? 1 : -1));
  const [last] = own;
  if (!last) return WEIGHTS.new;
  if (!last.marks.isRight) return WEIGHTS.weak;
  const inRow = own.findIndex(({ marks }) => !marks.isRight);
  const streak = inRow < 0 ? own.length : inRow;
  const days = (nowMs - Date.parse(last.at)) / DAY_MS;
  return days >= FIRST_DAYS * 2 ** (streak - 1) ? WEIGHTS.due : WEIGHTS.known;
}

/**
 * The next case of the course: families that went wrong come oftener, those that are known come again after ever longer times.
 * @param results cases that are over
 * @param level how much it hides
 * @param seed of the draw
 * @param nowMs the moment [ms]
 * @returns what it is made from
 */
export function nextCase(results: readonly MockResult[], level: MockLevel, seed: number, nowMs: number): MockSpec {
  const chance = chanceFrom(seed);
  const wish = chance.weighed(WISHES.map((each) => [each, weightOf(familyOfWish(each), results, nowMs)] as const));
  return { seed: Math.floor(chance.next() * SEEDS), level, wish };
}

/**
 * The case of a day: the same for everybody.
 * @param day `YYYY-MM-DD`
 * @returns what it is made from
 */
export function caseOfDay(day: string): MockSpec {
  const chance = chanceFrom(Number(day.replaceAll("-", "")));
  return { seed: Math.floor(chance.next() * SEEDS), level: "usual", wish: null };
}
