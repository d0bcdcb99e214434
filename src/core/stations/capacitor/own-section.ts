import { type Facts, plateCapacitorFor } from "../../facts";
import { isSameRating, ratedUfOf, terminalNames, type CapacitorLabel } from "../../capacitor";

/** A dual part feeds a compressor from its larger section, and the fan beside it from the smaller one. */
const OF_MACHINE: Partial<Record<Facts["machineKind"], { readonly terminal: string; readonly side: "larger" | "smaller" }>> = {
  "hermetic-compressor": { terminal: "HERM", side: "larger" },
  fan: { terminal: "FAN", side: "smaller" },
  blower: { terminal: "FAN", side: "smaller" },
};

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
  const usual = OF_MACHINE[facts.machineKind];
  if (!usual || label.sections.length !== 2) return null;
  const named = label.sections.findIndex(({ terminal }) => terminal === usual.terminal);
  if (named >= 0) return named;
  const [first = 0, second = 0] = label.sections.map(ratedUfOf);
  return (usual.side === "larger") === first > second ? 0 : 1;
}
