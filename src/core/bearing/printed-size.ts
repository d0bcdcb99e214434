import { widthOf, type BearingSize } from "./dimension-table";

/** A size written beside the number [mm]; the width is often left out. */
export interface PrintedSize {
  readonly boreMm: number;
  readonly outsideMm: number;
  readonly widthMm: number | null;
}

const FIGURE = String.raw`(\d{1,3}(?:[.,]\d{1,3})?)`;
const SIZE = new RegExp(
  String.raw`\(?(?<![A-Z0-9.])${FIGURE}\s*(?:MM)?\s*[X×]\s*${FIGURE}\s*(?:MM)?(?:\s*[X×]\s*${FIGURE})?\s*(?:MM)?(?![A-Z0-9])\)?`,
);
const millimetres = (text: string | undefined): number => Number((text ?? "").replace(",", "."));
/** A bore is larger than a count of pieces: 2 × 6203. */
const LEAST_BORE_MM = 3;

/**
 * Takes a size out that is written beside a number.
 * @param text normalised, in capitals
 * @returns the text without it, and the size; null where none is written
 * @example takeSize("6203-2RS 17X40X12") -> "6203-2RS", 17 × 40 × 12 mm
 */
export function takeSize(text: string): { readonly text: string; readonly size: PrintedSize | null } {
  const match = SIZE.exec(text);
  const [boreMm, outsideMm] = [millimetres(match?.[1]), millimetres(match?.[2])];
  if (!match || boreMm < LEAST_BORE_MM || outsideMm <= boreMm) return { text, size: null };
  return {
    text: `${text.slice(0, match.index)} ${text.slice(match.index + match[0].length)}`.trim(),
    size: { boreMm, outsideMm, widthMm: match[3] === undefined ? null : millimetres(match[3]) },
  };
}

/** As finely as sizes are written beside a number [mm]. */
const WRITTEN_MM = 0.3;

/**
 * Whether a size that is written beside a number is another than the number's own.
 * @param size of the number
 * @param printed as written
 * @returns true where they do not go together
 */
export function isMisfit(size: BearingSize, printed: PrintedSize): boolean {
  const isOff = (written: number, ...own: readonly number[]): boolean => own.every((mm) => Math.abs(written - mm) > WRITTEN_MM);
  return (
    isOff(printed.boreMm, size.boreMm) ||
    isOff(printed.outsideMm, size.outsideMm) ||
    (printed.widthMm !== null && isOff(printed.widthMm, widthOf(size, false), widthOf(size, true)))
  );
}
