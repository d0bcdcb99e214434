import { ratedUfOf, type CapacitorLabel, type LabelSection } from "./label/says";

/** One way in which the fitted part is not the one the plate asks for. */
export type PartMismatch =
  | { readonly code: "wrong-value"; readonly askedUf: readonly number[]; readonly fittedUf: readonly number[] }
  | { readonly code: "lower-volts"; readonly askedV: number; readonly fittedV: number }
  | { readonly code: "wrong-kind"; readonly asked: CapacitorLabel["kind"]; readonly fitted: CapacitorLabel["kind"] }
  /** the right value is in the can, but this motor hangs on the other terminal */
  | {
      readonly code: "wrong-terminal";
      readonly terminal: string;
      readonly terminalUf: number;
      readonly askedUf: number;
      readonly right: string;
    };

/** Ratings print to about three figures: a difference below this fraction is rounding, not another part. */
const SAME_RATING_FRACTION = 0.015;
/**
 * Whether two ratings are one, up to the rounding of a label.
 * @param a one rating
 * @param b the other rating
 * @returns true when they are one rating
 */
export const isSameRating = (a: number, b: number): boolean => Math.abs(a - b) <= SAME_RATING_FRACTION * b;

/** A printed range stands for every value in it. */
const isInRange = ({ nominalUf, lowUf, highUf }: LabelSection, uf: number): boolean =>
  nominalUf === null && lowUf !== null && highUf !== null && uf >= lowUf && uf <= highUf;

/**
 * Whether a section is what another asks for: one rating up to rounding, or one value inside the printed range of the other.
 * @param asked section that is asked for
 * @param fitted section that is there
 * @returns true when it is what is asked for
 * @example asked 189–227 µF, fitted 200 µF -> true
 */
export const isAskedFor = (asked: LabelSection, fitted: LabelSection): boolean =>
  isSameRating(ratedUfOf(fitted), ratedUfOf(asked)) ||
  (fitted.nominalUf !== null && isInRange(asked, fitted.nominalUf)) ||
  (asked.nominalUf !== null && isInRange(fitted, asked.nominalUf));

const ratings = (label: CapacitorLabel): number[] => label.sections.map(ratedUfOf);

function wrongTerminal(plate: CapacitorLabel, fitted: CapacitorLabel, feeds: string): PartMismatch | null {
  const askedUf = ratings(plate)[0];
  const terminals = terminalNames(fitted);
  const at = terminals.indexOf(feeds);
  if (plate.sections.length !== 1 || askedUf === undefined || at < 0) return null;
  const values = ratings(fitted);
  const terminalUf = values[at] ?? 0;
  const right = values.findIndex((uf) => isSameRating(uf, askedUf));
  return !isSameRating(terminalUf, askedUf) && right >= 0
    ? { code: "wrong-terminal", terminal: feeds, terminalUf, askedUf, right: terminals[right] ?? "" }
    : null;
}

/**
 * Names of the sections of a dual, as printed or by their place; empty for a single part.
 * @param label what the label says
 * @returns names, or none for a single part
 */
export function terminalNames({ sections }: CapacitorLabel): string[] {
  return sections.length < 2 ? [] : sections.map(({ terminal }, index) => terminal ?? `section ${index + 1}`);
}

/**
 * Compares the part that is fitted with the one the plate asks for.
 * A dual can on a single-section plate is right when one of its sections is: the other feeds another motor.
 * @param plate what the plate asks for; null: not known
 * @param fitted what is fitted; null: not known
 * @param feeds terminal of a dual this motor is connected to; empty when not known
 * @returns every mismatch; an empty list when it is the right part
 */
export function compareWithPlate(plate: CapacitorLabel, fitted: CapacitorLabel, feeds = ""): PartMismatch[] {
  const [askedUf, fittedUf] = [ratings(plate), ratings(fitted)];
  const mismatches: PartMismatch[] = [];
  if (!plate.sections.every((asked) => fitted.sections.some((section) => isAskedFor(asked, section))))
    mismatches.push({ code: "wrong-value", askedUf, fittedUf });
  const terminal = wrongTerminal(plate, fitted, feeds);
  if (terminal) mismatches.push(terminal);
  if (plate.ratedV !== null && fitted.ratedV !== null && fitted.ratedV < plate.ratedV) {
    mismatches.push({ code: "lower-volts", askedV: plate.ratedV, fittedV: fitted.ratedV });
  }
  if (plate.kind !== fitted.kind) mismatches.push({ code: "wrong-kind", asked: plate.kind, fitted: fitted.kind });
  return mismatches;
}
