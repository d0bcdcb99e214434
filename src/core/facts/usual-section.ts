import { ratedUfOf, type CapacitorLabel } from "../capacitor";
import type { Facts } from "./facts";

/** A dual part feeds a compressor from its larger section, and the fan beside it from the smaller one. */
const OF_MACHINE: Partial<Record<Facts["machineKind"], { readonly terminal: string; readonly side: "larger" | "smaller" }>> = {
  "hermetic-compressor": { terminal: "HERM", side: "larger" },
  fan: { terminal: "FAN", side: "smaller" },
  blower: { terminal: "FAN", side: "smaller" },
};

/**
 * Which section of a part feeds such a machine: the only one, else by the terminal or the size that the machine hangs on.
 * @param label what the label says
 * @param machineKind what the motor drives
 * @returns index of the section; null where nobody can say
 * @source trade practice: a shared can of a condensing unit, C / HERM / FAN
 */
export function usualSectionOf({ sections }: CapacitorLabel, machineKind: Facts["machineKind"]): number | null {
  if (sections.length < 2) return sections.length === 1 ? 0 : null;
  const usual = OF_MACHINE[machineKind];
  if (!usual || sections.length !== 2) return null;
  const named = sections.findIndex(({ terminal }) => terminal === usual.terminal);
  if (named >= 0) return named;
  const [first = 0, second = 0] = sections.map(ratedUfOf);
  return (usual.side === "larger") === first > second ? 0 : 1;
}
