import { close, misreadCost } from "./misreading";
import { nameCosts, NAMES, type PrintedName } from "./printed-names";
import { splitName, withoutRim, type ReadLine, type ReadText } from "./read-line";
import type { Printable } from "./usual-values";

/** How much each rendering of a line counts: two of one line are no two independent lines. */
const WEIGHT: Readonly<Record<ReadText["part"], number>> = { figure: 0.85, whole: 0.6, name: 0.95 };
/** A rendering that shows nothing at all counts as this unlike [nats]. */
const NOTHING_READ = 4;
/** One rendering may be spoilt altogether, by dirt or a frame; more than this it does not speak against a text. */
const MOST_AGAINST = 8;

/** A figure of letters only is no longer than this, every one taken for a letter. */
const MOST_LETTERS = 3;

/** A line with what its name and its figure were read as. */
export interface SplitLine {
  readonly line: ReadLine;
  readonly figures: readonly { readonly text: string; readonly weight: number }[];
  readonly names: Readonly<Record<PrintedName, number>>;
  /** the rendering a person is shown */
  readonly shown: string;
}

/**
 * Each rendering of a line split into name and figure.
 * @param line as read
 * @returns names weighed against every printed name, and figures; null where no rendering has a figure
 */
export function splitLine(line: ReadLine): SplitLine | null {
  const figures: { text: string; weight: number }[] = [];
  const names: { text: string; weight: number }[] = [];
  for (const { part, text } of line.texts) {
    if (part === "name") {
      names.push({ text: withoutRim(text), weight: WEIGHT.name });
      continue;
    }
    const { name, figure } = part === "figure" ? { name: "", figure: withoutRim(text) } : splitName(text);
    figures.push({ text: close(figure), weight: WEIGHT[part] });
    if (part === "whole") names.push({ text: name, weight: WEIGHT.whole });
  }
  if (!figures.some(({ text }) => /\d/.test(text) || (text.length <= MOST_LETTERS && /[©lIOSZ]/.test(text)))) return null;
  const costs = Object.fromEntries(
    (Object.keys(NAMES) as PrintedName[]).map((id) => [id, names.reduce((sum, { text, weight }) => sum + weight * nameCosts(text)[id], 0)]),
  ) as Record<PrintedName, number>;
  return { line, figures, names: costs, shown: line.texts.find(({ text }) => text.trim() !== "")?.text ?? "" };
}

/**
 * Cost of a printed text where these renderings were read.
 * @param meant the text without gaps
 * @param figures renderings with their weights
 * @returns negative log of the chance [nats]
 */
function figureCost(meant: string, figures: SplitLine["figures"]): number {
  let cost = 0;
  for (const { text, weight } of figures) cost += weight * (text === "" ? NOTHING_READ : Math.min(MOST_AGAINST, misreadCost(meant, text)));
  return cost;
}

/** What a line may say, with costs; texts far costlier than the best are left out. */
export interface Weighed {
  readonly text: string;
  readonly cost: number;
}
const FAR = 9;

/**
 * Every printable text weighed against a line.
 * @param printable what may be printed
 * @param figures renderings of the line
 * @param print how the text stands on the plate, without gaps
 * @returns those near the best, the best first
 */
export function weighFigures(
  printable: readonly Printable[],
  figures: SplitLine["figures"],
  print: (text: string) => string = close,
): Weighed[] {
  const all = printable.map(({ text, unusual }) => ({ text, cost: figureCost(print(text), figures) + unusual }));
  const best = Math.min(...all.map(({ cost }) => cost));
  return all.filter(({ cost }) => cost < best + FAR).sort((a, b) => a.cost - b.cost);
}
