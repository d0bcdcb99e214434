import { recent } from "../recent";
import { fail, ok, type Failure, type Result } from "../result";
import { boreBehind, namesBoreInInches } from "./bore-suffix";
import { OLD_NUMBERS, seriesRank, STAMPED_NUMBERS, type BearingSize } from "./dimension-table";
import { isMisfit, takeSize } from "./printed-size";
import { CLEARANCES, closureOf, oldClosure, SPELLINGS, suffixSpec, type Clearance, type Closure, type SuffixCode } from "./suffix-table";
import { meantByExchange } from "./exchanged-digits";

/** One suffix as stamped; several meanings where a sign could not be read; none where no table here knows it. */
export interface StampedSuffix {
  readonly text: string;
  readonly meanings: readonly (readonly SuffixCode[])[];
}

/** A number that may be meant, with its size. */
export interface NamedBearing {
  readonly number: string;
  readonly size: BearingSize;
}

/** What is stamped on a bearing, as far as it can be read. */
export interface BearingDesignation {
  /** sizes that fit what can be read, the usual ones first; never empty */
  readonly candidates: readonly NamedBearing[];
  readonly suffixes: readonly StampedSuffix[];
  /** null: what can be read leaves more than one */
  readonly closure: Closure | null;
  /** null: the text does not say */
  readonly clearance: Clearance | null;
  /** words before the number, kept and not read: a maker's name */
  readonly before: string;
  /** some sign could not be read */
  readonly isWorn: boolean;
}

const SEPARATOR = /[\s\-/.,_]/;
/** A sign nobody can read. */
const WORN = "?";
/** Letters that stand for figures where a number is meant. */
const LOOKALIKES: Readonly<Record<string, string>> = { O: "0", Q: "0", I: "1", L: "1" };

const normalise = (text: string): string =>
  text
    .normalize("NFKC")
    .replace(/[\u2010-\u2015\u2212]/g, "-")
    .replace(/(?<=\d\s*)\*(?=\s*\d)/g, "x")
    .replace(/[¿*]/g, WORN)
    .toUpperCase()
    .replace(/ABEC[\s-]+(?=\d)/g, "ABEC")
    // The 2 of two seals or shields, parted from its letters.
    .replace(/(?<=[\s\-/.,_]2\s?)R\s+S(?![A-Z])/g, "RS")
    .replace(/(?<=[\s\-/.,_])2[\s-]+(?=(?:RS|RZ|RD|RU|Z)[A-Z1]?(?![A-Z]))/g, "2")
    // A maker's name glued to the number.
    .replace(/(?<![A-Z])([A-Z]{3,})(?=6\d{3})/g, "$1 ")
    .trim();

const isSameSign = (shown: string, meant: string): boolean => shown === meant || shown === WORN || LOOKALIKES[shown] === meant;

/** The 2 of two seals or shields, which is no figure of a number. */
const TWO_OF_A_CLOSURE = /^\s*2\s*-?(?:[BPH]?RS|RZ|RU|RD|Z|NSE|NKE)/;

/** Where the number ends in the text when it starts at `from`; null when it is another number. */
function endOfNumber(text: string, from: number, number: string): number | null {
  let at = from;
  let isBehindStroke = false;
  for (const sign of number) {
    if (SEPARATOR.test(sign)) {
      if (!SEPARATOR.test(text[at] ?? "")) return null;
      at += 1;
      isBehindStroke = true;
      continue;
    }
    // A worn sign behind a stroke is a suffix far oftener than a bore.
    if (isBehindStroke && text[at] === WORN) return null;
    // A space inside a number is a slip of the hand; before its first sign it is not.
    while (at > from && !isBehindStroke && /[ .]/.test(text[at] ?? "") && !TWO_OF_A_CLOSURE.test(text.slice(at + 1))) at += 1;
    if (!isSameSign(text[at] ?? "", sign)) return null;
    at += 1;
  }
  // Worn away altogether, it could be any number at all.
  if (!/\d/.test(text.slice(from, at))) return null;
  // Another figure right behind it means a longer number; the 2 of two seals or shields is none.
  return /^\d(?![RZNH])/.test(text.slice(at)) ? null : at;
}

interface NumberFound {
  readonly candidates: readonly NamedBearing[];
  readonly end: number;
  /** its last 2 may be that of two seals: 62202RS is 62202 with one, or 6220 with two */
  readonly mayEndBefore: boolean;
}

/** Every size whose number fits at `from`; the longest numbers win, as 6203-10 over 6203. */
function findNumber(text: string, from: number): NumberFound | null {
  const found = STAMPED_NUMBERS.flatMap(([number, size]) => {
    const end = endOfNumber(text, from, number);
    return end === null ? [] : [{ number, size, end }];
  });
  const end = Math.max(...found.map((each) => each.end));
  const isTwoOfSeals = text[end - 1] === "2" && TWO_OF_A_CLOSURE.test(text.slice(end - 1));
  const shorter = isTwoOfSeals ? found.filter((each) => each.end === end - 1) : [];
  const longest = [...found.filter((each) => each.end === end), ...shorter];
  if (longest.length === 0) return null;
  const rank = ({ size }: NamedBearing): number => seriesRank(size.series) * 1000 + size.boreMm;
  // One size under two numbers, both fitting worn signs, is one candidate.
  const candidates = longest
    .filter(({ size }, index) => longest.findIndex((each) => each.size === size) === index)
    .sort((a, b) => rank(a) - rank(b))
    .map(({ number, size }) => ({ number, size }));
  return { candidates, end, mayEndBefore: shorter.length > 0 };
}

const fits = (text: string, at: number, spelled: string): boolean =>
  [...spelled].every((sign, index) => text[at + index] === sign || text[at + index] === WORN);

/** Length of a code nobody knows here: up to the next separator, or to where a known suffix of two signs or more begins. */
function lengthOfUnknown(text: string, at: number): number {
  const run = /^[^\s\-/.,_]+/.exec(text.slice(at))?.[0] ?? "";
  for (let length = 1; length < run.length; length += 1)
    if (SPELLINGS.some(({ spelled }) => spelled.length > 1 && text.startsWith(spelled, at + length))) return length;
  return run.length;
}

/** Cuts the rest of the text into suffixes; what no spelling fits is kept. */
function readSuffixes(text: string): StampedSuffix[] {
  const suffixes: StampedSuffix[] = [];
  let at = 0;
  while (at < text.length) {
    if (SEPARATOR.test(text[at] ?? "")) {
      at += 1;
      continue;
    }
    const fitting = SPELLINGS.filter(({ spelled }) => fits(text, at, spelled));
    const known = fitting[0]?.spelled.length ?? 0;
    const unknown = lengthOfUnknown(text, at);
    // A known suffix of one letter inside a longer code of a maker is not that suffix.
    const isKnown = known > 1 || (known === 1 && (unknown === 1 || SPELLINGS.some(({ spelled }) => fits(text, at + 1, spelled))));
    const length = isKnown ? known : unknown;
    const meanings = isKnown ? fitting.filter(({ spelled }) => spelled.length === known).map(({ codes }) => codes) : [];
    suffixes.push({
      text: text.slice(at, at + length),
      meanings: meanings.filter((codes, index) => meanings.findIndex((each) => each.join() === codes.join()) === index),
    });
    at += length;
  }
  return suffixes;
}

/** Every way the suffixes together may be read; a few at most, since a stamp has few worn signs. */
function readings(suffixes: readonly StampedSuffix[]): SuffixCode[][] {
  return suffixes.reduce<SuffixCode[][]>(
    (ways, { meanings }) =>
      (meanings.length === 0 ? ways : ways.flatMap((way) => meanings.slice(0, 8).map((codes) => [...way, ...codes]))).slice(0, 64),
    [[]],
  );
}

function agreed<T>(values: readonly T[]): T | null {
  return values.every((value) => value === values[0]) ? (values[0] ?? null) : null;
}

/** The closure all readings agree on. A maker's code nobody knows here may hold it: then none is told, unless another tells it. */
function closureRead(suffixes: readonly StampedSuffix[], ways: readonly SuffixCode[][]): Closure | null {
  const closure = agreed(ways.map(closureOf));
  return closure === "open" && suffixes.some(({ meanings }) => meanings.length === 0) ? null : closure;
}

const isClearance = (code: SuffixCode): code is SuffixCode & Clearance => (CLEARANCES as readonly string[]).includes(code);

/**
 * Reads the number stamped on a ball bearing: size, closure, clearance and every other suffix. Spellings of makers, spaces
 * and strokes left out, O for 0, and `?` for a sign that cannot be read are taken.
 * @param text as stamped or keyed, for example `6203-2RSH/C3`, `608ZZ`, `R8-2RS`, `62?3 2R?`
 * @returns the number read, or why it cannot be
 * @errors 'bearing-empty'; 'bearing-unknown' when no size of the table fits; 'bearing-two' where it names two sizes;
 *   'bearing-size-misfit' where a size stands beside the number that is not its own
 * @source ISO 15:2017 (numbers by dimension series and bore code); suffixes as ball bearing makers commonly stamp them
 * @example parseDesignation("6203-2RSH/C3") -> 6203, 17 × 40 × 12 mm, seals-both, C3
 */
export const parseDesignation: (text: string) => Result<BearingDesignation, Failure> = recent(readDesignation);

const NOTE = /[,;]\s*([a-z]{3,}(?:\s+[a-z]+)*)\s*$/i;
/** “6203-2RS, rough”: what a person notes behind a comma is no suffix. */
const withoutNote = (text: string): string => {
  const word = NOTE.exec(text)?.[1]?.toUpperCase();
  return word === undefined || SPELLINGS.some(({ spelled }) => spelled.length > 1 && word.startsWith(spelled))
    ? text
    : text.replace(NOTE, "");
};

function readDesignation(text: string): Result<BearingDesignation, Failure> {
  const { text: shown, size: printed } = takeSize(normalise(withoutNote(text)));
  if (shown === "") return fail({ code: "bearing-empty" });
  const starts = [...shown.matchAll(/(?<![A-Z0-9?])(?:SS|S|W)?(?=[0-9?ORIL])/g)].map((match) => ({
    at: match.index,
    prefix: match[0],
  }));
  for (const { at, prefix } of starts) {
    const found = findNumber(shown, at + prefix.length);
    if (!found) continue;
    const [only, ...others] = found.candidates;
    const [own, second] =
      only && others.length === 0 ? partedBySecond(shown.slice(found.end), only.number) : [shown.slice(found.end), null];
    if (only && second !== null) return fail({ code: "bearing-two", text, numbers: [`${only.number}${own}`.trim(), second] });
    const bored = only && others.length === 0 ? boreBehind(only.size, own) : null;
    // A bore that no ring of this number has room for leaves the size open: better asked than wrong.
    if (!bored && namesBoreInInches(own)) continue;
    const [size] = bored ? [bored.size] : others.length === 0 && only ? [only.size] : [];
    if (printed && size && isMisfit(size, printed)) return fail({ code: "bearing-size-misfit", text, number: size.number, ...mmOf(size) });
    const stainless: StampedSuffix[] = prefix === "" ? [] : [{ text: prefix, meanings: [["SS"]] }];
    const suffixes = [...readSuffixes(bored?.rest ?? own), ...stainless];
    const ways = readings(suffixes);
    return ok({
      candidates: bored ? [{ number: bored.size.number, size: bored.size }] : found.candidates,
      suffixes,
      closure: found.mayEndBefore ? null : closureRead(suffixes, ways),
      clearance: agreed(ways.map((codes) => codes.findLast(isClearance) ?? null)),
      before: shown.slice(0, at).trim(),
      isWorn: shown.includes(WORN),
    });
  }
  const old = readOldNumber(shown);
  return old ? ok(old) : fail({ code: "bearing-unknown", text, meant: meantByExchange(shown) });
}

const mmOf = ({ boreMm, outsideMm, widthMm }: BearingSize) => ({ boreMm, outsideMm, widthMm });

/**
 * What belongs to the first bearing of a line, and the second where another is named further on. The same one once more is a
 * pair of one kind.
 */
function partedBySecond(behind: string, first: string): readonly [own: string, second: string | null] {
  for (const { index } of behind.matchAll(/(?<![A-Z0-9?])(?=6[0-9]{2,4}(?!\d))/g)) {
    const [only, ...others] = findNumber(behind, index)?.candidates ?? [];
    if (!only || others.length > 0) continue;
    const [own, second] = [behind.slice(0, index), behind.slice(index)].map((text) => text.replace(/(?:[\s,;/&+]|\bAND\b)+$/, ""));
    const isSame = only.number === first && signs(`${first}${own ?? ""}`) === signs(second ?? "");
    return [own ?? "", isSame ? null : (second ?? null)];
  }
  return [behind, null];
}

const signs = (text: string): string => text.replace(/[^A-Z0-9]/g, "");

/** `203PP`: the old three-figure numbers, only where they stand alone or with a closure whose letters are known. */
function readOldNumber(shown: string): BearingDesignation | null {
  const match = /(?<![A-Z0-9?])([123]\d{2})(?!\d)(.*)$/.exec(shown);
  const [, number = "", suffix = ""] = match ?? [];
  const size = OLD_NUMBERS.find(([old]) => old === number)?.[1];
  const closure = oldClosure(suffix);
  if (!match || !size || closure === null) return null;
  return {
    candidates: [{ number: size.number, size }],
    suffixes: suffix.trim() === "" ? [] : [{ text: suffix.trim(), meanings: [] }],
    closure,
    clearance: agreed(readings(readSuffixes(suffix)).map((codes) => codes.findLast(isClearance) ?? null)),
    before: shown.slice(0, match.index).trim(),
    isWorn: false,
  };
}

/** Closures come right behind the number, clearance next, then the rest in the order of the stamp. */
const PRINT_ORDER = ["closure", "clearance"];

/**
 * Writes a designation in one plain spelling: number, closure, clearance, the rest; what was not understood stays.
 * A worn one is written with the first of its candidates and its suffixes as stamped.
 * @param designation size, closure, clearance and other suffixes
 * @returns one plain spelling; reading it again gives the same bearing
 * @example print of `6203ZZ C3` -> "6203-2Z/C3"
 */
export function printDesignation({ candidates, suffixes }: BearingDesignation): string {
  const known = suffixes.filter(({ meanings }) => meanings.length === 1).flatMap(({ meanings }) => meanings[0] ?? []);
  const codes = PRINT_ORDER.flatMap((kind) => known.filter((code) => suffixSpec(code).kind === kind));
  const rest = known.filter((code) => !codes.includes(code));
  const unknown = suffixes.filter(({ meanings }) => meanings.length !== 1).map(({ text }) => text);
  const [number = ""] = candidates.map((each) => each.number);
  const closures = codes.filter((code) => suffixSpec(code).kind === "closure").map((code) => `-${code}`);
  const others = [...codes.filter((code) => suffixSpec(code).kind !== "closure"), ...rest, ...unknown];
  return `${number}${closures.join("")}${others.map((code) => `/${code}`).join("")}`;
}
