import { printCapacitorLabel } from "./print";
import type { CapacitorLabel } from "./says";

/** Words that say the kind and nothing more. */
const KIND_WORDS: ReadonlySet<string> = new Set(["run", "running", "start", "starting", "capacitor", "cap"]);

/**
 * Prints a label where its kind is told beside it: without the words that say it once more.
 * @param label what the label says
 * @returns one line
 * @example "START 88-108 MFD 330 V" -> "88–108 µF 330 V"
 */
export const printBesideKind = (label: CapacitorLabel): string =>
  printCapacitorLabel({ ...label, notes: label.notes.filter((word) => !KIND_WORDS.has(word)) });
