import { cutText } from "@/core/kept";
import { shortCode, writeLabelText } from "@/core/exchange";

const CARRIED_LINES = 3;
const CARRIED_CHARACTERS = 44;

/** What one label says. */
export interface LabelSaid {
  /** record it opens */
  readonly id: string;
  /** good, tested spare, for parts, scrap, or the mark of a wire */
  readonly heading: string;
  readonly lines: readonly string[];
  /** beside the code, where long lines never push it off the label */
  readonly day?: string;
}

/** Lines of a label that say something. */
export const shownLines = ({ lines }: LabelSaid): readonly string[] => lines.filter((line) => line.trim() !== "");

/** Half of a character is none, and no square can say it: a sign stands in its place. */
const wellFormed = (text: string): string =>
  text.replace(/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g, "\ufffd");

/** What a camera reads from the square: the code, and the essentials for a device that does not know the record. */
export function squareText(label: LabelSaid): string {
  // A square of 25 mm is read from a hand's breadth only while its modules are no smaller than half a millimetre.
  const carried = shownLines(label)
    .slice(0, CARRIED_LINES)
    .map((line) => wellFormed(cutText(line, CARRIED_CHARACTERS).trim()));
  return writeLabelText({ code: shortCode(label.id), lines: [wellFormed(label.heading), ...carried] });
}
