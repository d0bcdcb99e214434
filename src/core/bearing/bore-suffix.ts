import { withInchBore, type BearingSize } from "./dimension-table";

/* A bore of its own, behind the number. */

/** In inches, before or behind its seals: 5/8, 1-1/4, 1", or plain sixteenths. */
const FRACTION_BORE = /[-\s/]\s*(?:([12])\s*[-\s]\s*)?(\d{1,2})\s*\/\s*(16|[248])(?!\d)\s*(?:"|INCH|IN\b)?/;
const WHOLE_INCH_BORE = /[-\s]\s*([12])\s*(?:"|INCH|IN\b)|-([12])(?=$|[\s-])/;
const SIXTEENTHS_BORE = /^[-/]\s*(\d{1,2})(?![\dA-Z])|-(\d{1,2})$/;

interface BoreBehind {
  readonly size: BearingSize;
  /** the text behind the number, the bore taken out */
  readonly rest: string;
}

/** A bore in millimetres behind a stroke: 6202/16, 6204/19.05; seals and shields behind it are no part of it. */
const METRIC_BORE = /^\s*[/-]\s*(\d{1,2}(?:[.,]\d{1,3})?)\s*(?:MM)?(?=$|[\s\-/.,])/;
/** A bore of its own lies no farther than this from that of the number [mm]. */
const MOST_OFF_MM = 3.5;

/** The size with a bore in millimetres of its own; one that is a whole number of sixteenths is named by them. */
function metricBore(size: BearingSize, rest: string): BoreBehind | null {
  const match = METRIC_BORE.exec(rest);
  const boreMm = Number(match?.[1]?.replace(",", ".") ?? 0);
  if (!match || Math.abs(boreMm - size.boreMm) > MOST_OFF_MM) return null;
  const left = ` ${rest.slice(match[0].length)}`;
  if (boreMm === size.boreMm) return { size, rest: left };
  const sixteenths = Math.round((boreMm * 16) / 25.4);
  const inch = Math.abs((sixteenths * 25.4) / 16 - boreMm) < 0.03 ? withInchBore(size, sixteenths) : null;
  return { size: inch ?? { ...size, number: `${size.number}/${boreMm}`, series: "special-bore", boreMm }, rest: left };
}

/**
 * The size with the bore that stands behind its number, in inches or millimetres.
 * @param size of the number
 * @param rest what stands behind the number
 * @returns null where no bore does, or none that this ring has room for
 * @example boreBehind(6202, "/16-2RS") -> 16 × 35 × 11 mm
 */
export function boreBehind(size: BearingSize, rest: string): BoreBehind | null {
  if (!/^6[0-3]\d\d$/.test(size.number)) return null;
  // A stroke goes before millimetres, a dash before sixteenths; where the ring has no room for the one, it is the other.
  return /^\s*\//.test(rest) || /^\s*-\s*\d+[.,]/.test(rest)
    ? (metricBore(size, rest) ?? inchBore(size, rest))
    : (inchBore(size, rest) ?? metricBore(size, rest));
}

/** Whether a bore in a part of an inch stands behind the number. */
export const namesBoreInInches = (rest: string): boolean => /^\s*[-\s]\s*\d{1,2}\s*\/\s*(?:16|[248])(?!\d)/.test(rest);

function inchBore(size: BearingSize, rest: string): BoreBehind | null {
  const ways: readonly (readonly [RegExp, (match: RegExpExecArray) => number])[] = [
    [FRACTION_BORE, (m) => Number(m[1] ?? 0) * 16 + (Number(m[2]) * 16) / Number(m[3])],
    [WHOLE_INCH_BORE, (m) => Number(m[1] ?? m[2]) * 16],
    [SIXTEENTHS_BORE, (m) => Number(m[1] ?? m[2])],
  ];
  for (const [pattern, sixteenthsOf] of ways) {
    const match = pattern.exec(rest);
    const bored = match ? withInchBore(size, sixteenthsOf(match)) : null;
    if (match && bored) return { size: bored, rest: `${rest.slice(0, match.index)} ${rest.slice(match.index + match[0].length)}` };
  }
  return null;
}
