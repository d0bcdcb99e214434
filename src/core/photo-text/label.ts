import { LEAST_CHANCE, MOST_CANDIDATES, ranked, SURE, together, type FieldReading, type FieldWeights } from "./candidate";
import type { PhotoLabelField } from "./fields";
import { close } from "./misreading";
import { withoutRim, type ReadLine } from "./read-line";
import { PRINTED_CAPACITANCE, PRINTED_CAPACITOR_VOLTS, PRINTED_PERCENT, type Printable } from "./usual-values";
import { weighFigures, type SplitLine } from "./weigh-line";

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

/** What one picture says of a kind of line, and where it stands. */
interface Found extends FieldWeights {
  readonly line: Line | null;
}

/** The dearer a line is as one of its kind, the likelier something else stands there. */
function lineOf(lines: readonly Line[], printable: readonly Printable[], prints: readonly ((text: string) => string)[]): Found {
  const weights = new Map<string, number>();
  let none = Math.exp(-NOT_THERE);
  let best: { line: Line; cost: number } | null = null;
  for (const line of lines) {
    const costs = new Map<string, number>();
    for (const print of prints)
      for (const { text, cost } of weighFigures(printable, line.figures, print))
        costs.set(text, Math.min(cost, costs.get(text) ?? Infinity));
    const least = Math.min(...costs.values());
    if (best === null || least < best.cost) best = { line, cost: least };
    for (const [text, cost] of costs) weights.set(text, (weights.get(text) ?? 0) + Math.exp(-cost));
    none += Math.exp(-OTHER_LINE - Math.min(OTHER_LINE, least) / 2);
  }
  return { weights, none, line: best?.line ?? null };
}

function reading(field: PhotoLabelField, weights: ReadonlyMap<string, number>, found: readonly Found[]): FieldReading<PhotoLabelField> {
  const total = [...weights.values()].reduce((sum, weight) => sum + weight, 0);
  const candidates = ranked({ weights, none: Math.max(0, 1 - total) }).filter(
    ({ chance }, at) => chance >= LEAST_CHANCE && at < MOST_CANDIDATES,
  );
  const picture = candidates.length > 0 ? found.findIndex(({ line }) => line !== null) : -1;
  const line = found[picture]?.line ?? null;
  return {
    field,
    candidates,
    isSure: (candidates[0]?.chance ?? 0) >= SURE,
    read: line?.shown ?? "",
    at: line === null ? null : { picture, box: line.line.box },
  };
}

const CAPACITANCE_PRINTS = UF_UNITS.map((unit) => (text: string) => close(text).replace("µF", unit));
const VOLT_PRINTS = VOLT_UNITS.map((unit) => (text: string) => text + close(unit));

/**
 * What a capacitor's label says: capacitance, tolerance and volts, each line weighed as each.
 * @param pictures lines as read, of one picture or of several of the same label
 * @returns fields with their candidates, as they would be keyed
 */
export function readCapacitorLabel(pictures: readonly (readonly ReadLine[])[]): readonly FieldReading<PhotoLabelField>[] {
  const known = pictures.map((lines) => lines.map(wholeLine).filter((line) => line !== null));
  const uf = known.map((lines) => lineOf(lines, CAPACITANCES, CAPACITANCE_PRINTS));
  const volts = known.map((lines) => lineOf(lines, PRINTED_CAPACITOR_VOLTS, VOLT_PRINTS));
  const [capacitance, tolerance] = [new Map<string, number>(), new Map<string, number>()];
  for (const { text, chance } of ranked(together(uf))) {
    const [value = "", percent] = text.split(" ±");
    capacitance.set(value, (capacitance.get(value) ?? 0) + chance);
    if (percent !== undefined) tolerance.set(`±${percent}`, (tolerance.get(`±${percent}`) ?? 0) + chance);
  }
  return [
    reading("capacitance", capacitance, uf),
    reading("tolerance", tolerance, uf),
    reading("volts", new Map(ranked(together(volts)).map(({ text, chance }) => [`${text} V`, chance])), volts),
  ];
}
