import { USUAL_VOLTS } from "./spelling";
import type { FigureJoint } from "./tokens";
import type { Tolerance } from "./tolerance";

/** One section as printed, with a tolerance of its own where it has one. */
export interface NominalFigure {
  readonly uf: number;
  readonly tolerance: Tolerance | null;
}

/** Capacitances of the label: a printed range, or one nominal a section; or why a person must say which. */
export type LabelFigures =
  | { readonly kind: "nominals"; readonly nominals: readonly NominalFigure[] }
  | { readonly kind: "range"; readonly rangeUf: readonly [number, number] }
  | { readonly kind: "two-ways"; readonly readings: readonly [string, string] }
  | { readonly kind: "two-parts" };

export const nominals = (...values: readonly string[]): LabelFigures => ({
  kind: "nominals",
  nominals: values.map((text) => ({ uf: Number(text), tolerance: null })),
});
const range = (low: string, high: string): LabelFigures => ({ kind: "range", rangeUf: [Number(low), Number(high)] });
export const twoWays = (first: string, second: string): LabelFigures => ({ kind: "two-ways", readings: [first, second] });

/** Ends of a printed start range lie so far apart; two figures side by side that do are one. */
export const isRangeLike = (low: number, high: number): boolean => high / low > 1.1 && high / low < 1.35 && low >= 20;
/** Two figures with a dash between lie no farther apart than this, or they are no range. */
const MOST_RATIO = 2;
/** A second section is at most this part of the first, where a dash alone joins them. */
const MOST_SECOND = 0.5;
/** No can has a run and a start part in it: above this a second figure is another part. */
export const MOST_SECTION_UF = 110;
/** Behind this many volts a part of a thousand microfarads does not exist. */
const RUN_VOLTS = 370;

/** Whether the end of a group of figures is rather its volts: `35-440`, `40/5/440`, `88-108/330`. */
export function endsInVolts(values: readonly string[], joints: readonly FigureJoint[]): boolean {
  const [last, before] = [Number(values.at(-1)), Number(values.at(-2))];
  if (values.length < 2 || !USUAL_VOLTS.includes(last)) return false;
  const joint = joints.at(-1);
  if (values.length > 2) return joint !== "+";
  return joint === "/" || (joint === "-" && last / before > MOST_RATIO);
}

/**
 * What figures of one group mean. A dash is a range, where its ends lie as a range's do; a stroke parts two sections, or
 * the ends of a start range: their size and the volts tell which.
 * @param isBare no unit of microfarads goes with them
 */
export function joined(values: readonly string[], joints: readonly FigureJoint[], ratedV: number | null, isBare: boolean): LabelFigures {
  const [first = "", second] = values;
  if (second === undefined) return withThousands(first, ratedV);
  const [low, high] = [Number(first), Number(second)];
  // A range beside another figure is a start part and a run part.
  if (values.length > 2)
    return joints.some((joint, index) => joint === "-" && isRangeLike(Number(values[index]), Number(values[index + 1])))
      ? { kind: "two-parts" }
      : nominals(...values);
  if (joints[0] === "-") {
    if (high < low * MOST_SECOND && low <= MOST_SECTION_UF) return nominals(first, second);
    if (high <= low || high / low <= MOST_RATIO) return range(first, second);
    return twoWays(`${first} µF`, `${second} µF`);
  }
  if (joints[0] === "/" && low < high && low <= 8 && high <= 8 && !isBare) {
    const isHalf = [2, 4, 8].includes(high) && low % 2 === 1;
    if (isHalf) return twoWays(`${first}+${second} µF`, `${low / high} µF`);
  }
  if (joints[0] !== "/" || !isRangeLike(low, high)) return nominals(first, second);
  if (high > MOST_SECTION_UF || (ratedV !== null && ratedV < RUN_VOLTS)) return range(first, second);
  if (ratedV !== null) return nominals(first, second);
  return twoWays(`${first}-${second} µF`, `${first}+${second} µF`);
}

/** Comma and three figures: thousands to one hand, decimals to another; the volts tell, or the person. */
function withThousands(text: string, ratedV: number | null): LabelFigures {
  const [whole = "", three] = text.split(",");
  if (three === undefined) return nominals(text);
  if (ratedV !== null && ratedV >= RUN_VOLTS) return nominals(`${whole}.${three}`);
  return twoWays(`${whole}.${three} µF`, `${whole}${three} µF`);
}
