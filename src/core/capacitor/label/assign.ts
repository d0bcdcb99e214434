import { USUAL_VOLTS } from "./spelling";
import type { Figures, Placed } from "./tokens";

/** A unit's place and the figures that it was given. */
export interface Bond {
  readonly unit: number;
  readonly figures: number;
  readonly isBehind: boolean;
  readonly cost: number;
}

/** One way to give units to figures: a bond a unit, or none. */
export interface Assignment {
  readonly bonds: readonly Bond[];
  readonly cost: number;
}

/* How strange it is, so that ways can be held against one another. The figures rank; only their order matters. */
/** A unit without a figure. */
const UNBOUND: Readonly<Record<string, number>> = { uf: 1, nf: 1, v: 0.8, ac: 0.02 };
/** What lies between a unit and its figure. */
const CROSSED: Readonly<Partial<Record<Placed["tag"], number>>> = { sign: 0, percent: 0.05, about: 0.3, break: 0.6, word: 0.9 };
/** A unit stands behind its figure more often than before it. */
const BEFORE = 0.15;
const MOST_CROSSING = 1.5;

/** A code of week and year or a number in a series: it may stand anywhere and is no value. */
export const isNumberLike = (text: string): boolean => /^0\d+$/.test(text) || /^\d{4,}$/.test(text);
/** `12/21`: month and year; a first section is not smaller than a second. */
export const isMonthLike = ({ values, joints }: Pick<Figures, "values" | "joints">): boolean =>
  values.length === 2 && joints[0] === "/" && /^(?:0?[1-9]|1[0-2])$/.test(values[0] ?? "") && /^[0-3]\d$/.test(values[1] ?? "");

const LEAST_VOLTS = 40;
/** Whether a group of figures is volts as a whole: 370/440, 110-125. */
export const isWhollyVolts = ({ values, joints }: Pick<Figures, "values" | "joints">): boolean =>
  values.every((value) => Number(value) >= 100) && !joints.includes("+");

function strangeAsVolts(figures: Figures, isBehind: boolean): number {
  if (figures.isFraction || figures.hasUf) return 2.5;
  const value = isBehind || isWhollyVolts(figures) ? figures.values.at(-1) : figures.values[0];
  const volts = Number(value);
  const split = figures.values.length > 1 && !isWhollyVolts(figures) ? 0.1 : 0;
  if (USUAL_VOLTS.includes(volts)) return split;
  if (!Number.isInteger(volts) || value?.startsWith("0") === true) return 2 + split;
  if (volts >= 100 && volts <= 1000) return 0.2 + split;
  if (volts >= LEAST_VOLTS && volts < 1000) return 0.6 + split;
  // Its own unit right behind it: that is asked about, rather than passed over.
  return (isBehind ? 0.7 : 2.5) + split;
}

function strangeAsCapacitance(figures: Figures): number {
  const [first = ""] = figures.values;
  if (isNumberLike(first)) return /^0/.test(first) ? 2 : Number(first) > 5000 ? 3 : 1;
  if (isMonthLike(figures)) return 0.4;
  return figures.values.length === 1 && USUAL_VOLTS.includes(Number(first)) ? 0.3 : 0;
}

/** The figures next to a unit on one side, with what is crossed on the way. */
function nextFigures(tokens: readonly Placed[], unit: number, step: 1 | -1): Bond | null {
  let cost = step === 1 ? BEFORE : 0;
  for (let at = unit + step; ; at += step) {
    const token = tokens[at];
    if (!token) return null;
    if (token.tag === "figures") {
      const own = tokens[unit];
      if (own?.tag !== "unit") return null;
      const isVolts = own.of === "v" || own.of === "ac";
      cost += isVolts ? strangeAsVolts(token, step === -1) : strangeAsCapacitance(token);
      return { unit, figures: at, isBehind: step === -1, cost };
    }
    const crossed = CROSSED[token.tag];
    // Another unit bars the way, but that `ac` does not: 450 AC V.
    if (crossed === undefined && !(token.tag === "unit" && token.of === "ac")) return null;
    cost += crossed ?? 0.1;
    if (cost > MOST_CROSSING) return null;
  }
}

const isOfVolts = (token: Placed | undefined): boolean => token?.tag === "unit" && (token.of === "v" || token.of === "ac");

/** Two units may share a group where volts take its end and microfarads what is left: `MFD 35/5/440 V`. */
function areAtOdds(tokens: readonly Placed[], one: Bond, other: Bond): boolean {
  if (one.figures !== other.figures) return false;
  const figures = tokens[one.figures];
  if (figures?.tag !== "figures" || figures.values.length === 1 || isWhollyVolts(figures)) return true;
  return isOfVolts(tokens[one.unit]) === isOfVolts(tokens[other.unit]);
}

/** More units than this on one label are bound the plain way. */
const MOST_FREE_UNITS = 9;

/**
 * Gives each unit the figures before or behind it, in every way that is possible.
 * @param tokens of the label
 * @returns the ways, the least strange first
 */
export function assignments(tokens: readonly Placed[]): readonly Assignment[] {
  const units = tokens.flatMap((token, index) => (token.tag === "unit" ? [{ index, of: token.of }] : []));
  const options = units.map(({ index }) => [nextFigures(tokens, index, -1), nextFigures(tokens, index, 1)].filter((bond) => bond !== null));
  const ways: Assignment[] = [];
  const walk = (at: number, bonds: readonly Bond[], cost: number): void => {
    const unit = units[at];
    if (!unit) {
      ways.push({ bonds, cost });
      return;
    }
    const open = (options[at] ?? []).filter((bond) => !bonds.some((other) => areAtOdds(tokens, bond, other)));
    const isFree = at < MOST_FREE_UNITS;
    const taken = isFree ? open : open.slice(0, 1);
    for (const bond of taken) walk(at + 1, [...bonds, bond], cost + bond.cost);
    if (isFree || taken.length === 0) walk(at + 1, bonds, cost + (UNBOUND[unit.of] ?? 1));
  };
  walk(0, [], 0);
  return ways.sort((a, b) => a.cost - b.cost);
}
