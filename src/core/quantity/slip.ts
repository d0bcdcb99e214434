import { measureSpec, type MeasureId } from "../measure";
import { recentBy } from "../recent";
import { readFigure } from "./read-figure";
import type { Entry } from "./reading";

/** What may have gone wrong at the keys, the likeliest first. */
export const SLIP_KINDS = ["point", "prefix", "exchanged", "digit"] as const;
export type SlipKind = (typeof SLIP_KINDS)[number];

/** A figure that may have been meant, as it would be typed. */
export interface SlipCandidate {
  readonly kind: SlipKind;
  readonly text: string;
  /** in the base unit of the measure */
  readonly value: number;
}

/** A figure that does not go with the rest, and the one near it that would. */
export interface Slip extends Omit<SlipCandidate, "kind"> {
  /** `impossible`: no part or motor shows it, and no one slip explains it; text and value are those typed */
  readonly kind: SlipKind | "impossible";
  readonly typed: string;
  readonly typedValue: number;
}

/** Letters for a thousandfold, by measure: what is forgotten, or typed too much. */
const THOUSANDS: Partial<Record<MeasureId, { readonly up: string; readonly down: string | null }>> = {
  resistance: { up: "k", down: null },
  capacitance: { up: "", down: "n" },
  current: { up: "", down: "m" },
  voltage: { up: "k", down: "m" },
};

interface Parts {
  readonly digits: string;
  readonly unit: string;
}

/** Digits and unit of a plain figure as typed; null for anything grouped or worded. */
function partsOf(text: string): Parts | null {
  const match = /^\s*(\d*[.,]?\d+|\d+[.,]?)\s*([^\d\s?][^\d]*)?$/.exec(text);
  return match ? { digits: (match[1] ?? "").replace(",", "."), unit: (match[2] ?? "").trim() } : null;
}

/** Digits with the point moved by some places, without needless zeros in front. */
function moved(digits: string, places: number): string {
  const at = digits.includes(".") ? digits.indexOf(".") : digits.length;
  const plain = digits.replace(".", "");
  const to = at + places;
  if (to <= 0) return `0.${"0".repeat(-to)}${plain}`;
  const padded = plain.padEnd(to, "0");
  const whole = padded.slice(0, to).replace(/^0+(?=\d)/, "");
  return to < padded.length ? `${whole}.${padded.slice(to)}` : whole;
}

function swapsOf(digits: string): string[] {
  return [...digits].flatMap((sign, index) => {
    const next = digits[index + 1];
    if (next === undefined || sign === next || sign === "." || next === ".") return [];
    return [`${digits.slice(0, index)}${next}${sign}${digits.slice(index + 2)}`];
  });
}

function changedDigits(digits: string): string[] {
  return [...digits].flatMap((sign, index) =>
    sign === "."
      ? []
      : [..."0123456789"].filter((other) => other !== sign).map((other) => `${digits.slice(0, index)}${other}${digits.slice(index + 1)}`),
  );
}

/**
 * Every figure that one slip of the finger turns into the one typed: the point one place off, a prefix left out or added, two
 * neighbouring digits exchanged, one digit wrong.
 * @param text as it was typed
 * @param measure what is measured
 * @returns none for a text that is no plain figure
 */
export const slipCandidates = recentBy((text: string, measure: MeasureId): string => `${measure} ${text}`, findCandidates, 64);

function findCandidates(text: string, measure: MeasureId): readonly SlipCandidate[] {
  const parts = partsOf(text);
  if (!parts) return [];
  const { digits, unit } = parts;
  const with_ = (changed: string): string => (unit === "" ? changed : `${changed} ${unit}`);
  const thousand = THOUSANDS[measure];
  const isBare = unit === "";
  const texts: readonly (readonly [SlipKind, string])[] = [
    ["point", with_(moved(digits, 1))],
    ["point", with_(moved(digits, -1))],
    ...(thousand && isBare && thousand.up !== "" ? [["prefix", `${digits}${thousand.up}`] as const] : []),
    ...(thousand && isBare && thousand.down !== null ? [["prefix", `${digits}${thousand.down}`] as const] : []),
    // A prefix too many, or figures of another prefix on the display.
    ...(thousand && !isBare ? [["prefix", digits] as const] : []),
    ["prefix", with_(moved(digits, 3))],
    ["prefix", with_(moved(digits, -3))],
    ...swapsOf(digits).map((swapped) => ["exchanged", with_(swapped)] as const),
    ...changedDigits(digits).map((changed) => ["digit", with_(changed)] as const),
  ];
  return texts.flatMap(([kind, each]) => {
    const read = readFigure(each, measure, { isMeter: true });
    return read.ok && read.value.kind === "value" ? [{ kind, text: each, value: read.value.value }] : [];
  });
}

/** How a figure is held against the rest. */
export interface SlipJudge {
  /** such a figure is seen on motors, sound or faulty: it is not doubted */
  readonly isPlausible: (value: number) => boolean;
  /** how far a figure is from what the rest asks for, 0 the best; null: it does not go with it */
  readonly misfit: (value: number) => number | null;
  /** nothing at all shows such a figure; left out: every figure is possible */
  readonly isImpossible?: (value: number) => boolean;
  /** kinds that are likelier here than the figure being true as it stands */
  readonly kinds: readonly SlipKind[];
}

/** Value of an entry as it was read, or as its text is read where no meter was named. */
function valueOf({ text, reading }: Entry, measure: MeasureId): number | null {
  if (reading) return reading.kind === "value" ? reading.value : null;
  const read = readFigure(text, measure, { isMeter: true });
  return read.ok && read.value.kind === "value" ? read.value.value : null;
}

/**
 * The one finder of slips: a figure that does not go with the rest, and the likeliest figure near it that does.
 * @param entry what was typed; one that somebody already looked at again is never doubted
 * @param measure what is measured
 * @param judge what speaks for another figure: label, plate, the other readings
 * @returns null when the figure goes with the rest, or when nothing near it does although such a figure is seen
 * @example 3.5 µF on a label of 35 µF ±6 %: "35", the point one place off
 */
export function findSlip(entry: Entry | null | undefined, measure: MeasureId, judge: SlipJudge): Slip | null {
  const typedValue = !entry || entry.isSure === true ? null : valueOf(entry, measure);
  if (!entry || typedValue === null || judge.isPlausible(typedValue)) return null;
  const typed = { typed: entry.text, typedValue };
  const impossible = (): Slip | null =>
    judge.isImpossible?.(typed.typedValue) === true ? { kind: "impossible", text: entry.text, value: typed.typedValue, ...typed } : null;
  const { min, max } = measureSpec(measure);
  const fitting = slipCandidates(entry.text, measure).flatMap((candidate) => {
    const misfit = candidate.value >= min && candidate.value <= max ? judge.misfit(candidate.value) : null;
    return misfit === null || !judge.kinds.includes(candidate.kind) ? [] : [{ ...candidate, misfit }];
  });
  for (const kind of judge.kinds) {
    const [best, second] = fitting.filter((each) => each.kind === kind).sort((a, b) => a.misfit - b.misfit);
    if (!best) continue;
    // Two figures that fit alike leave nothing to offer.
    if (second && second.value !== best.value && kind === "digit" && second.misfit - best.misfit < 0.5) return impossible();
    return { kind: best.kind, text: best.text, value: best.value, ...typed };
  }
  return impossible();
}

interface Band {
  readonly low: number;
  readonly high: number;
}

/**
 * A judge by two bands: what is seen at all, and what the rest asks for.
 * @param seen figures in it are believed as they stand
 * @param wanted a slip is offered only where it leads into this one; its middle fits best
 * @param kinds slips that are thought of
 * @param most nothing shows more: asked even where no slip explains it
 * @returns the judge
 */
export function byBands(
  seen: Band,
  wanted: Band,
  kinds: readonly SlipKind[] = ["point", "prefix", "exchanged"],
  most: number = Infinity,
): SlipJudge {
  const middle = (wanted.low + wanted.high) / 2;
  const half = Math.max((wanted.high - wanted.low) / 2, Number.EPSILON);
  return {
    kinds,
    isImpossible: (value) => value > most,
    isPlausible: (value) => value >= seen.low && value <= seen.high,
    misfit: (value) => (value >= wanted.low && value <= wanted.high ? Math.abs(value - middle) / half : null),
  };
}
