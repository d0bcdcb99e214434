import { fail, ok, type Failure, type Result } from "../../result";
import { parseCapacitorLabel } from "./label";
import { printCapacitorLabel } from "./print";
import type { CapacitorLabel } from "./says";

/** One of two capacitors written in one line: its own text, and what it says. */
export interface WrittenPart {
  readonly text: string;
  readonly label: CapacitorLabel;
}

/** Signs and words that part two capacitors, the plainest first; a blank only where nothing else does. */
const SEPARATORS: readonly RegExp[] = [/\s*[\n;|]\s*/g, /\s*\/\s*/g, /\s*,\s+/g, /\s*[+&]\s*/g, /\s+and\s+/gi, /\s+/g];

function parted(text: string, at: number, length: number): readonly WrittenPart[] | null {
  const texts = [text.slice(0, at).trim(), text.slice(at + length).trim()];
  const read = texts.map((part) => parseCapacitorLabel(part));
  const parts = read.flatMap((each, index) => (each.ok ? [{ text: texts[index] ?? "", label: each.value }] : []));
  return parts.length === 2 ? parts : null;
}

const hasBothVolts = (parts: readonly WrittenPart[]): boolean => parts.every(({ label }) => label.ratedV !== null);

/** A motor with two has a run and a start part. */
const areTwoKinds = ([first, second]: readonly WrittenPart[]): boolean => first?.label.kind !== second?.label.kind;

/** Volts from here on are those of a run part: start parts are not made for them. */
const RUN_VOLTS = 370;

/** `20+130 µF 450 V`: two figures with one word for both. Volts stand once: a run part's belong to it, lower ones may be either's. */
function bareJoin(text: string): readonly WrittenPart[] | null {
  const match = /^\D*?(\d+(?:[.,]\d+)?)\s*(?:[a-zµμ]+)?\s*[+/]\s*(\d+(?:[.,]\d+)?)/iu.exec(text);
  if (!match) return null;
  // One value of volts for each, in the same order; or one that belongs to the run part alone.
  const each = /(\d{3})\s*v?[a-z~]*\s*[+/]\s*(\d{3})\s*v/i.exec(text)?.slice(1);
  const volts = each ? undefined : /(\d{3})\s*v/i.exec(text)?.[1];
  const [least = ""] = [match[1] ?? "", match[2] ?? ""].sort((a, b) => parseFloat(a) - parseFloat(b));
  const parts = [match[1] ?? "", match[2] ?? ""].flatMap((figure, index) => {
    const its = each?.[index];
    const own =
      its !== undefined
        ? `${figure} µF ${its} V`
        : `${figure} µF${volts !== undefined && Number(volts) >= RUN_VOLTS && figure === least ? ` ${volts} V` : ""}`;
    const read = parseCapacitorLabel(own);
    return read.ok ? [{ text: own, label: read.value }] : [];
  });
  return parts.length === 2 ? parts : null;
}

/** Words left over on both sides: a unit torn from its figure is one. */
const leftOver = (parts: readonly WrittenPart[]): number => parts.reduce((sum, { label }) => sum + label.notes.length, 0);

/**
 * Reads a line that may tell of two capacitors, as plates of motors with a run and a start part do.
 * @param text as stamped: `20 µF 450 V / 130 µF 250 V`, `20+130 µF`, or one part alone
 * @returns one part, or two with the run part first where the kinds tell them apart
 * @errors those of parseCapacitorLabel, where it is neither
 * @example parseCapacitorParts("20 µF 450 V / 130 µF 250 V") -> 20 µF 450 V run, 130 µF 250 V start
 */
export function parseCapacitorParts(text: string): Result<readonly WrittenPart[], Failure> {
  const whole = parseCapacitorLabel(text);
  if (whole.ok) return ok([{ text, label: whole.value }]);
  if (whole.failure.code !== "label-two-parts") return whole;
  // Volts between the figures belong to the first: then it is no bare join.
  const joined = /\dv|\d\s*v|vac/i.test(text.slice(0, text.search(/[+/]/))) ? null : bareJoin(text);
  const splits = SEPARATORS.flatMap((separator) =>
    [...text.matchAll(separator)].flatMap((match) => {
      const parts = parted(text, match.index, match[0].length);
      return parts ? [parts] : [];
    }),
  );
  const least = Math.min(...splits.map(leftOver));
  const clean = splits.filter((each) => leftOver(each) === least);
  const withVolts = clean.filter(hasBothVolts);
  const parts = withVolts.find(areTwoKinds) ?? withVolts[0] ?? joined ?? clean.find(areTwoKinds) ?? clean[0];
  if (parts?.length !== 2) return fail(whole.failure);
  return ok(inOrder(parts));
}

/** Run part first; of two of one kind, as written. */
function inOrder(parts: readonly WrittenPart[]): readonly WrittenPart[] {
  const [first, second] = parts;
  return first?.label.kind === "start" && second?.label.kind === "run" ? [second, first] : parts;
}

/**
 * Both parts in one canonical line.
 * @param parts the parts, each with its value
 * @returns both parts in one line
 */
export const printCapacitorParts = (parts: readonly WrittenPart[]): string =>
  parts.map(({ label }) => printCapacitorLabel(label)).join(" / ");
