import { LEAST_CHANCE, MOST_CANDIDATES, ranked, SURE, type FieldReading } from "./candidate";
import { close } from "./misreading";
import { withoutRim, type ReadLine } from "./read-line";
import { PRINTED_CAPACITANCE, PRINTED_CAPACITOR_VOLTS, PRINTED_PERCENT, type Printable } from "./usual-values";
import { weighFigures, type SplitLine, type Weighed } from "./weigh-line";

/** Fields of a capacitor's label that are read from a picture. */
export const PHOTO_LABEL_FIELDS = ["capacitance", "tolerance", "volts"] as const;
export type PhotoLabelField = (typeof PHOTO_LABEL_FIELDS)[number];

/** Run parts carry their tolerance, with few exceptions [nats]. */
const NO_TOLERANCE = 1;
/** A capacitance with its tolerance, as one text: `35 µF ±6 %`. */
const CAPACITANCES: readonly Printable[] = PRINTED_CAPACITANCE.flatMap(({ text, unusual }) => [
  { text: `${text} µF`, unusual: unusual + (text.includes("-") ? 0 : NO_TOLERANCE) },
  ...(text.includes("-")
    ? []
    : PRINTED_PERCENT.map((percent) => ({ text: `${text} µF ±${percent.text} %`, unusual: unusual + percent.unusual }))),
]);
const UF_UNITS = ["uF", "MFD"];
const VOLT_UNITS = ["V", "VAC", "V~", "V AC"];
/** What else stands on a label, against a line that reads as one of its fields [nats]. */
const OTHER_LINE = 12;
/** A line that is not printed, or was not found [nats]. */
const NOT_THERE = 14;

interface Line {
  readonly line: ReadLine;
  readonly figures: SplitLine["figures"];
  readonly shown: string;
}

/** Renderings of a whole line; on a label nothing is named before its figure. */
function wholeLine(line: ReadLine): Line | null {
  const figures = line.texts
    .filter(({ part }) => part === "whole")
    .map(({ text }) => ({ text: close(withoutRim(text)), weight: WHOLE_WEIGHT }))
    .filter(({ text }) => text !== "");
  return figures.some(({ text }) => /\d/.test(text)) ? { line, figures, shown: line.texts[0]?.text ?? "" } : null;
}
const WHOLE_WEIGHT = 1;

/** The dearer a line is as one of its kind, the likelier something else stands there. */
function lineOf(
  lines: readonly Line[],
  printable: readonly Printable[],
  units: readonly string[],
  print: (text: string, unit: string) => string,
) {
  const weights = new Map<string, number>();
  let none = Math.exp(-NOT_THERE);
  let best: { line: Line; cost: number } | null = null;
  for (const line of lines) {
    const costs = new Map<string, number>();
    for (const unit of units)
      for (const { text, cost } of weighFigures(printable, line.figures, (one) => print(one, unit)) satisfies Weighed[])
        costs.set(text, Math.min(cost, costs.get(text) ?? Infinity));
    const least = Math.min(...costs.values());
    if (best === null || least < best.cost) best = { line, cost: least };
    for (const [text, cost] of costs) weights.set(text, (weights.get(text) ?? 0) + Math.exp(-cost));
    none += Math.exp(-OTHER_LINE - Math.min(OTHER_LINE, least) / 2);
  }
  return { candidates: ranked(weights, none), line: best?.line ?? null };
}

const reading = (field: PhotoLabelField, weights: ReadonlyMap<string, number>, line: Line | null): FieldReading<PhotoLabelField> => {
  const total = [...weights.values()].reduce((sum, weight) => sum + weight, 0);
  const candidates = ranked(weights, Math.max(0, 1 - total)).filter(({ chance }, at) => chance >= LEAST_CHANCE && at < MOST_CANDIDATES);
  return {
    field,
    candidates,
    isSure: (candidates[0]?.chance ?? 0) >= SURE,
    read: candidates.length > 0 ? (line?.shown ?? "") : "",
    box: candidates.length > 0 ? (line?.line.box ?? null) : null,
  };
};

/**
 * What a capacitor's label says: capacitance, tolerance and volts, each line weighed as each.
 * @param lines as read
 * @returns fields with their candidates, as they would be keyed
 */
export function readCapacitorLabel(lines: readonly ReadLine[]): readonly FieldReading<PhotoLabelField>[] {
  const known = lines.map(wholeLine).filter((line) => line !== null);
  const uf = lineOf(known, CAPACITANCES, UF_UNITS, (text, unit) => close(text).replace("µF", unit));
  const volts = lineOf(known, PRINTED_CAPACITOR_VOLTS, VOLT_UNITS, (text, unit) => text + close(unit));
  const [capacitance, tolerance] = [new Map<string, number>(), new Map<string, number>()];
  for (const { text, chance } of uf.candidates) {
    const [value = "", percent] = text.split(" ±");
    capacitance.set(value, (capacitance.get(value) ?? 0) + chance);
    if (percent !== undefined) tolerance.set(`±${percent}`, (tolerance.get(`±${percent}`) ?? 0) + chance);
  }
  return [
    reading("capacitance", capacitance, uf.line),
    reading("tolerance", tolerance, uf.line),
    reading("volts", new Map(volts.candidates.map(({ text, chance }) => [`${text} V`, chance])), volts.line),
  ];
}
