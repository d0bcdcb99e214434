import { NF, NUM, UF, USUAL_VOLTS, type Remainder, type Tolerance } from "./label-text";

const HEAD = String.raw`(?<![\d.a-z])`;
const RANGE = new RegExp(String.raw`${HEAD}(${NUM})\s*(?:${UF})?\s*(?:-|to)\s*(${NUM})\s*${UF}`);
const BESIDE = new RegExp(String.raw`${HEAD}(\d+)\s+(\d+)\s*${UF}`);
const SEVERAL = new RegExp(
  String.raw`${HEAD}(${NUM})\s*(?:${UF})?\s*(?:[+/&]|and)\s*(${NUM})(?:\s*(?:${UF})?\s*(?:[+/&]|and)\s*(${NUM}))?\s*${UF}`,
);
/** Sections each with its own tolerance: `40±6%+5±10% µF`, `40 µF ±6% + 5 µF ±6%`. */
const TOLERANCE = String.raw`\s*±\s*(${NUM})\s*%?\s*`;
const SEVERAL_WITH_TOLERANCE = new RegExp(
  String.raw`${HEAD}(${NUM})\s*(?:${UF})?${TOLERANCE}(?:${UF})?\s*\+\s*(${NUM})\s*(?:${UF})?${TOLERANCE}(?:${UF})?(?:\+\s*(${NUM})\s*(?:${UF})?${TOLERANCE}(?:${UF})?)?`,
);
const SINGLE = new RegExp(String.raw`${HEAD}(${NUM})\s*${UF}`);
const NANO = new RegExp(String.raw`${HEAD}(${NUM})\s*${NF}`);
const WHOLE_AND_FRACTION = new RegExp(String.raw`${HEAD}(\d+)\s*[\s-]\s*([1357])\s*/\s*([248])\s*${UF}`);
const LONE_FRACTION = new RegExp(String.raw`${HEAD}([1357])\s*/\s*([248])\s*${UF}`);
/** Comma and three figures: thousands to one hand, decimals to another. */
const COMMA_AND_THREE = new RegExp(String.raw`${HEAD}([1-9]\d{0,2}),(\d{3})\s*(${UF})`);
const UNIT_FIRST = new RegExp(String.raw`(?<![a-z\d])(?:${UF}|cn)\s*[:=]?\s*(${NUM})(?:\s*(-|\+|/)\s*(${NUM}))?(?![\d.%])`);
/** `MFD 88-108 VAC 330`: names before figures all through, so that the volts' name does not take the figure before it. */
const NAMES_FIRST = new RegExp(
  String.raw`(?<![a-z\d])(?:${UF}|cn)\s*[:=]?\s*(${NUM})(?:\s*(-|\+|/)\s*(${NUM}))?\s*[,;|]?\s*(?:vac|wvac|volts?|un|v)\s*[:=]?\s*(\d{3})(?!\d)`,
);

/** One section as printed, with a tolerance of its own where it has one. */
export interface NominalFigure {
  readonly uf: number;
  readonly tolerance: Tolerance | null;
}

/** Capacitances of the label: a printed range, or one nominal a section; or why a person must say which. */
export type LabelFigures =
  | { readonly kind: "nominals"; readonly nominals: readonly NominalFigure[]; readonly ratedV?: number }
  | { readonly kind: "range"; readonly rangeUf: readonly [number, number]; readonly ratedV?: number }
  | { readonly kind: "two-ways"; readonly readings: readonly [string, string] };

const nominals = (...values: readonly (string | undefined)[]): LabelFigures => ({
  kind: "nominals",
  nominals: values.filter((text) => text !== undefined).map((text) => ({ uf: Number(text), tolerance: null })),
});
const range = (low: string | undefined, high: string | undefined): LabelFigures => ({
  kind: "range",
  rangeUf: [Number(low), Number(high)],
});

/** Ends of a printed start range lie so far apart; two figures side by side that do are one. */
const isRangeLike = (low: number, high: number): boolean => high / low > 1.1 && high / low < 1.35 && low >= 20;
/** Two figures with a dash between lie no farther apart than this, or they are no range. */
const MOST_RATIO = 2;
/** No can has a run and a start part in it: above this a second figure is another part. */
export const MOST_SECTION_UF = 110;
/** Behind this many volts a part of a thousand microfarads does not exist. */
const RUN_VOLTS = 370;

/**
 * Two figures joined by a sign. A dash is a range, where its ends lie as a range's do; a stroke parts two sections, or the ends of a start
 * range: their size and the volts tell which.
 */
function joined(first: string, sign: string | undefined, second: string | undefined, ratedV: number | null): LabelFigures {
  if (second === undefined) return nominals(first);
  const [low, high] = [Number(first), Number(second)];
  if (sign === "-" || sign === "to") {
    if (high <= low || high / low <= MOST_RATIO) return range(first, second);
    if (ratedV === null && USUAL_VOLTS.includes(high)) return { ...nominals(first), ratedV: high } as LabelFigures;
    return { kind: "two-ways", readings: [`${first} µF`, `${second} µF`] };
  }
  if (sign !== "/" || !isRangeLike(low, high)) return nominals(first, second);
  if (high > MOST_SECTION_UF || (ratedV !== null && ratedV < RUN_VOLTS)) return range(first, second);
  if (ratedV !== null) return nominals(first, second);
  return { kind: "two-ways", readings: [`${first}-${second} µF`, `${first}+${second} µF`] };
}

/** Where names stand before figures all through; taken before the volts are. */
export function takeNamesFirst(rest: Remainder): LabelFigures | null {
  // A figure before the first unit belongs to it.
  if (new RegExp(String.raw`${NUM}\s*${UF}`).test(rest.text)) return null;
  const match = rest.take(NAMES_FIRST);
  if (!match) return null;
  const ratedV = Number(match[4]);
  return { ...joined(match[1] ?? "", match[2], match[3], ratedV), ratedV } as LabelFigures;
}

/** Sections that each carry a tolerance; taken before the tolerances are. */
export function takeWithTolerances(rest: Remainder): LabelFigures | null {
  const match = rest.take(SEVERAL_WITH_TOLERANCE);
  if (!match) return null;
  const both = (uf: string | undefined, percent: string | undefined): NominalFigure[] =>
    uf === undefined ? [] : [{ uf: Number(uf), tolerance: { lowPercent: -Number(percent), highPercent: Number(percent) } }];
  return { kind: "nominals", nominals: [...both(match[1], match[2]), ...both(match[3], match[4]), ...both(match[5], match[6])] };
}

/** @param ratedV decides whether `1,000` can be a thousand */
export function takeFigures(rest: Remainder, ratedV: number | null): LabelFigures | null {
  const comma = rest.take(COMMA_AND_THREE);
  if (comma) {
    const [, whole = "", three = "", unit = ""] = comma;
    if (/^m\s?f/.test(unit)) return nominals(whole + three);
    if (ratedV !== null && ratedV >= RUN_VOLTS) return nominals(`${whole}.${three}`);
    return { kind: "two-ways", readings: [`${whole}.${three} µF`, `${whole}${three} µF`] };
  }
  const fraction = rest.take(WHOLE_AND_FRACTION);
  if (fraction) return nominals(String(Number(fraction[1]) + Number(fraction[2]) / Number(fraction[3])));
  const lone = LONE_FRACTION.exec(rest.text);
  const [, top = "", bottom = ""] = lone ?? [];
  if (lone && Number(top) < Number(bottom)) {
    return { kind: "two-ways", readings: [`${top}+${bottom} µF`, `${Number(top) / Number(bottom)} µF`] };
  }
  const printed = rest.take(RANGE);
  if (printed) return joined(printed[1] ?? "", "-", printed[2], ratedV ?? 0);
  const several = rest.take(SEVERAL);
  if (several?.[3] !== undefined) return nominals(several[1], several[2], several[3]);
  if (several) return joined(several[1] ?? "", /[/]/.exec(several[0])?.[0], several[2], ratedV);
  const beside = BESIDE.exec(rest.text);
  if (beside) {
    const [, low = "", high = ""] = beside;
    if (!isRangeLike(Number(low), Number(high))) return { kind: "two-ways", readings: [`${low}+${high} µF`, `${high} µF`] };
    rest.take(BESIDE);
    return range(low, high);
  }
  const single = rest.take(SINGLE);
  if (single) return nominals(single[1]);
  const nano = rest.take(NANO);
  if (nano) return nominals(String(Number((Number(nano[1]) / 1000).toPrecision(12))));
  const first = rest.take(UNIT_FIRST);
  if (!first) return null;
  // `mfd 440`: more likely the volts of a label whose figure was not read.
  if (ratedV === null && first[3] === undefined && USUAL_VOLTS.includes(Number(first[1])))
    return { kind: "two-ways", readings: [`${first[1] ?? ""} µF`, `${first[1] ?? ""} V`] };
  return joined(first[1] ?? "", first[2], first[3], ratedV);
}

/** A second capacitance with its own unit, left when the first was taken: another part, unless it is the same once more. */
export function hasMoreFigures(rest: Remainder, taken: readonly number[]): boolean {
  const more = SINGLE.exec(rest.text);
  return more !== null && !(taken.length === 1 && Number(more[1]) === taken[0]);
}

const BARE = new RegExp(String.raw`(?<![\d.a-z%±+-])(${NUM})(?:\s*(\+|/|-|to)\s*(${NUM}))?(?:\s*\+\s*(${NUM}))?(?![\d.%a-z])`, "g");
const BARE_FRACTION = /(?<![\d.a-z])(\d+)\s*[\s-]\s*([1357])\s*\/\s*([248])(?![\d.%])/;
/** Short words behind a bare figure that are no unit of something else. */
const NO_UNIT = /^(?:run|cap|dual|oval|rnd|herm|fan|comp|c|ac|film|sh|and|for|to)$/;
/** Largest value a bare figure is taken for; beyond it lie part numbers and speeds. */
const MOST_BARE_UF = 1200;

/** A label keyed in a hurry without its unit: `35/5 440`, `17.5 440`, `88-108 330`; the volts were taken out before. */
export function takeFiguresWithoutUnit(rest: Remainder, ratedV: number | null): LabelFigures | null {
  const fraction = rest.take(BARE_FRACTION);
  if (fraction) return nominals(String(Number(fraction[1]) + Number(fraction[2]) / Number(fraction[3])));
  const found = [...rest.text.matchAll(BARE)];
  const [only, ...more] = found;
  if (!only) return null;
  if (more.length > 0) return { kind: "two-ways", readings: [`${only[0].trim()} µF`, `${more[0]?.[0].trim() ?? ""} µF`] };
  const values = [only[1], only[3], only[4]].filter((text) => text !== undefined).map(Number);
  if (values.some((value) => value > MOST_BARE_UF)) return null;
  // A short word right behind it is the unit of something else: 35 pF, 35 F.
  const behind = /^\s*([\p{L}]{1,4})(?![\p{L}])/u.exec(rest.text.slice(only.index + only[0].length))?.[1];
  if (behind !== undefined && !NO_UNIT.test(behind)) return null;
  rest.text = rest.text.replace(only[0], " | ");
  if (only[4] !== undefined) return nominals(only[1], only[3], only[4]);
  return joined(only[1] ?? "", only[2], only[3], ratedV);
}
