import { ratedUfOf, type CapacitorLabel } from "../capacitor";
import type { Facts } from "./facts";

/** A dual part feeds a compressor from its larger section, and the fan beside it from the smaller one. */
const OF_MACHINE: Partial<Record<Facts["machineKind"], string>> = { "hermetic-compressor": "HERM", fan: "FAN", blower: "FAN" };

/**
 * Which section of a part feeds such a machine: the only one, else by the terminal or the size that the machine hangs on.
 * @param label what the label says
 * @param machineKind what the motor drives
 * @returns index of the section; null where nobody can say
 * @source trade practice: a shared can of a condensing unit, C / HERM / FAN
 */
export function usualSectionOf({ sections }: CapacitorLabel, machineKind: Facts["machineKind"]): number | null {
  if (sections.length === 1) return 0;
  const usual = OF_MACHINE[machineKind];
  if (!usual || sections.length !== 2) return null;
  const named = sections.findIndex(({ terminal }) => terminal === usual);
  if (named >= 0) return named;
  const [first = 0, second = 0] = sections.map(ratedUfOf);
  return (usual === "HERM") === first > second ? 0 : 1;
}

/**
 * The section itself.
 * @param label what the label says; null: there is none
 * @param machineKind what the motor drives
 * @returns undefined where there is none, or nobody can say which
 */
export function sectionFor(
  label: CapacitorLabel | null,
  machineKind: Facts["machineKind"],
): CapacitorLabel["sections"][number] | undefined {
  const own = label && usualSectionOf(label, machineKind);
  return own === null ? undefined : label?.sections[own];
}
