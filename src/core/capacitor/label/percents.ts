import type { Placed } from "./tokens";
import { ABOUT, isUsualTolerance, MOST_PERCENT, type Percent, type Tolerance } from "./tolerance";

/** What the percentages of a label are about. */
export interface PercentReading {
  readonly tolerance: Tolerance | null;
  /** two deviations are as likely: both, as printed */
  readonly doubt: readonly [string, string] | null;
  /** places of the percentage that is the tolerance, and of the word for it */
  readonly used: ReadonlySet<number>;
}

/* How strange it is; the figures only rank. */
const STRANGE = { signed: 1.5, unusual: 0.5, alone: 0.4, unusualTolerance: 0.7, second: 1, tooWide: 1, behindFigures: 0.2 } as const;
/** What lies between a word and its percentage. */
const CROSSED: Readonly<Partial<Record<Placed["tag"], number>>> = { sign: 0, word: 0.3, break: 0.5 };
const MOST_CROSSING = 0.8;
const MARGIN = 0.05;
/** More such words than this on one label are not weighed against one another. */
const MOST_WORDS = 6;

interface Option {
  readonly percent: number;
  readonly cost: number;
}

/** Right behind the capacitance stands its tolerance. */
function isBehindFigures(tokens: readonly Placed[], at: number): boolean {
  const before = tokens[at - 1];
  return before?.tag === "figures" || (before?.tag === "unit" && before.of === "uf");
}

/** The nearest percentage on one side of a word. */
function nearest(tokens: readonly Placed[], word: number, step: 1 | -1): Option | null {
  let cost = 0;
  for (let at = word + step; cost <= MOST_CROSSING; at += step) {
    const token = tokens[at];
    if (token?.tag === "percent")
      return { percent: at, cost: cost + (step === -1 && isBehindFigures(tokens, at) ? STRANGE.behindFigures : 0) };
    const crossed = token && CROSSED[token.tag];
    if (crossed === undefined) return null;
    cost += crossed;
  }
  return null;
}

const widest = ({ lowPercent, highPercent }: Tolerance): number => Math.max(-lowPercent, highPercent);

/** One way to give percentages to words: the word that each percentage went to. */
interface Way {
  readonly taken: ReadonlyMap<number, number>;
  readonly cost: number;
}

/**
 * Tells the tolerance from humidity, duty, losses and the like: each word takes the percentage before or behind it, so
 * that what is left is most like a tolerance.
 * @param tokens of the label
 * @param percents of the label, by place
 * @returns the tolerance, or what is in doubt
 */
export function readPercents(tokens: readonly Placed[], percents: readonly Percent[]): PercentReading {
  const of = (index: number | undefined): Percent | undefined => percents.find(({ at }) => at === tokens[index ?? -1]?.at);
  const all = tokens.flatMap((token, index) => (token.tag === "percent" && of(index) ? [index] : []));
  const words = tokens.flatMap((token, index) => (token.tag === "about" ? [{ index, what: token.what }] : [])).slice(0, MOST_WORDS);
  const named = new Set(words.flatMap(({ index, what }) => (what === "tolerance" ? [index] : [])));
  const toleranceOf = ({ taken }: Pick<Way, "taken">): number | undefined =>
    all.find((index) => named.has(taken.get(index) ?? -1)) ?? all.find((index) => !taken.has(index));

  const costLeft = (taken: Way["taken"]): number => {
    const own = of(toleranceOf({ taken }));
    const left = all.filter((index) => !taken.has(index) && of(index)?.text !== own?.text).length;
    if (!own) return left * STRANGE.second;
    const strange =
      (isUsualTolerance(own.tolerance) ? 0 : STRANGE.unusualTolerance) + (widest(own.tolerance) > MOST_PERCENT ? STRANGE.tooWide : 0);
    return left * STRANGE.second + strange;
  };
  const walk = (at: number, taken: Way["taken"], cost: number): Way[] => {
    const word = words[at];
    if (!word) return [{ taken, cost: cost + costLeft(taken) }];
    const isUsual = ABOUT.find(({ what }) => what === word.what)?.isUsual ?? (() => true);
    const bound = ([-1, 1] as const).flatMap((step) => {
      const option = nearest(tokens, word.index, step);
      const percent = of(option?.percent);
      if (!option || !percent || taken.has(option.percent)) return [];
      const signed = word.what !== "tolerance" && percent.isSigned ? STRANGE.signed : 0;
      const unusual = isUsual(widest(percent.tolerance)) ? 0 : STRANGE.unusual;
      return walk(at + 1, new Map([...taken, [option.percent, word.index]]), cost + option.cost + signed + unusual);
    });
    return [...bound, ...walk(at + 1, taken, cost + STRANGE.alone)];
  };
  const ways = walk(0, new Map(), 0).sort((a, b) => a.cost - b.cost);
  const [best] = ways;
  const chosen = best && toleranceOf(best);
  const own = of(chosen);
  if (!best || !own || chosen === undefined) return { tolerance: null, doubt: null, used: new Set() };
  const rival = ways.find((way) => way.cost - best.cost < MARGIN && of(toleranceOf(way))?.text !== own.text);
  const isAsGood = (each: Percent): boolean =>
    each.text !== own.text && isUsualTolerance(each.tolerance) && (each.isSigned || !own.isSigned);
  const left = all.flatMap((index) => (best.taken.has(index) ? [] : [of(index)])).find((each) => each && isAsGood(each));
  const other = left ?? (rival && of(toleranceOf(rival)));
  return {
    tolerance: widest(own.tolerance) <= MOST_PERCENT ? own.tolerance : null,
    doubt: other ? [own.text, other.text] : null,
    used: new Set([chosen, ...(best.taken.has(chosen) ? [best.taken.get(chosen) ?? -1] : [])]),
  };
}
