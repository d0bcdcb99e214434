import { parseDesignation, STAMPED_NUMBERS } from "../bearing";
import { LEAST_CHANCE, MOST_CANDIDATES, ranked, SURE, together, type FieldReading, type FieldWeights } from "./candidate";
import { close } from "./misreading";
import { withoutRim, type ReadLine } from "./read-line";
import { weighFigures, type SplitLine } from "./weigh-line";

/** Sizes of motors and blowers of this trade; any other number is less usual. */
const USUAL_NUMBER = /^(?:6[023]0\d|6[23]1\d|60[7-9]|62[69]|608)$/;
const UNUSUAL = 2.5;
/** Closures and clearances as makers stamp them, the usual ones first. */
const CLOSURES = [
  "",
  "ZZ",
  "2RS",
  "2RS1",
  "2RSH",
  "2RSR",
  "2Z",
  "DDU",
  "LLU",
  "DD",
  "Z",
  "RS",
  "LLB",
  "2RZ",
  "VV",
  "ZZCM",
  "2NSE",
] as const;
const CLEARANCES = ["", "C3", "CM", "C2", "C4"] as const;
const UNUSUAL_CLEARANCE = { "": 0, C3: 0.5, CM: 1.5, C2: 2, C4: 2 } as const;
/** Something else is stamped there: a date, a maker's name [nats]. */
const OTHER_LINE = 12;
const WHOLE_WEIGHT = 1;

const unusualNumber = (number: string): number => (USUAL_NUMBER.test(number) ? 0 : UNUSUAL);
const NUMBERS = STAMPED_NUMBERS.map(([text]) => ({ text, unusual: unusualNumber(text) }));
const SUFFIXES = CLOSURES.flatMap((closure) =>
  CLEARANCES.map((clearance) => ({
    text: [closure, clearance].filter((one) => one !== "").join(" "),
    unusual: UNUSUAL_CLEARANCE[clearance],
  })),
);

/** A number has so many signs at most; what follows is its suffix. */
const NUMBER_SIGNS = 5;
/** The likeliest numbers are tried with every suffix. */
const MOST_NUMBERS = 30;

/** What one picture says, and where. */
function stampOf(lines: readonly ReadLine[]): FieldWeights & { readonly line: ReadLine | null } {
  const weights = new Map<string, number>();
  let none = Math.exp(-OTHER_LINE);
  let best: { line: ReadLine; cost: number } | null = null;
  for (const line of lines) {
    const figures: SplitLine["figures"] = line.texts
      .filter(({ part }) => part === "whole")
      .map(({ text }) => ({ text: close(withoutRim(text)).toUpperCase(), weight: WHOLE_WEIGHT }))
      .filter(({ text }) => /\d/.test(text));
    if (figures.length === 0) continue;
    const heads = figures.map(({ text, weight }) => ({ text: text.slice(0, NUMBER_SIGNS), weight }));
    const numbers = weighFigures(NUMBERS, heads).slice(0, MOST_NUMBERS);
    const texts = numbers.flatMap(({ text }) =>
      SUFFIXES.map((suffix) => ({ text: `${text} ${suffix.text}`.trim(), unusual: unusualNumber(text) + suffix.unusual })),
    );
    const weighed = weighFigures(
      texts,
      figures.map(({ text, weight }) => ({ text: text.replace(/-/g, ""), weight })),
    );
    const least = weighed[0]?.cost ?? Infinity;
    if (best === null || least < best.cost) best = { line, cost: least };
    for (const { text, cost } of weighed) weights.set(text, (weights.get(text) ?? 0) + Math.exp(-cost));
    none += Math.exp(-OTHER_LINE);
  }
  return { weights: byMeaning(weights), none, line: best?.line ?? null };
}

/**
 * What is stamped on a bearing: number, closure and clearance, weighed as one text.
 * @param pictures lines as read, of one picture or of several of the same stamp
 * @returns the number with its suffixes and candidates, as it would be keyed
 */
export function readStamp(pictures: readonly (readonly ReadLine[])[]): readonly FieldReading<"designation">[] {
  const found = pictures.map(stampOf);
  const candidates = ranked(together(found)).filter(({ chance }, at) => chance >= LEAST_CHANCE && at < MOST_CANDIDATES);
  const picture = candidates.length > 0 ? found.findIndex(({ line }) => line !== null) : -1;
  const line = found[picture]?.line ?? null;
  return [
    {
      field: "designation",
      candidates,
      isSure: (candidates[0]?.chance ?? 0) >= SURE,
      read: line?.texts[0]?.text ?? "",
      at: line === null ? null : { picture, box: line.box },
    },
  ];
}

/** Spellings of one bearing together, under the likeliest of them. */
function byMeaning(weights: ReadonlyMap<string, number>): ReadonlyMap<string, number> {
  const meanings = new Map<string, { text: string; most: number; sum: number }>();
  for (const [text, weight] of weights) {
    const read = parseDesignation(text);
    if (!read.ok) continue;
    const { candidates, closure, clearance } = read.value;
    const key = `${candidates[0]?.number ?? ""} ${closure ?? ""} ${clearance ?? ""}`;
    const before = meanings.get(key);
    meanings.set(key, {
      text: before && before.most >= weight ? before.text : text,
      most: Math.max(weight, before?.most ?? 0),
      sum: weight + (before?.sum ?? 0),
    });
  }
  return new Map([...meanings.values()].map(({ text, sum }) => [text, sum]));
}
