import { type Facts, plateCapacitorFor, usualSectionOf } from "../../facts";
import { isSameRating, ratedUfOf, terminalNames, type CapacitorLabel } from "../../capacitor";

/**
 * Which section of the part feeds this motor: the only one; the terminal a person picked; the one value the plate asks for;
 * the terminal, or the size, that such a machine hangs on.
 * @returns index of the section; null where nobody can say, and then no section accuses this motor's capacitor
 */
export function ownSectionOf(label: CapacitorLabel, feeds: string, facts: Facts): number | null {
  if (label.sections.length < 2) return 0;
  const picked = terminalNames(label).indexOf(feeds);
  if (picked >= 0) return picked;
  const plate = plateCapacitorFor(facts, label.kind);
  const askedUf = plate?.sections.length === 1 && plate.sections[0] ? ratedUfOf(plate.sections[0]) : null;
  const same = label.sections.flatMap((section, index) => (askedUf !== null && isSameRating(ratedUfOf(section), askedUf) ? [index] : []));
  if (same.length === 1) return same[0] ?? null;
  return usualSectionOf(label, facts.machineKind);
}
