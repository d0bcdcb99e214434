import type { CapacitorLabel } from "../capacitor";
import type { Facts } from "./facts";
import { sectionFor } from "./usual-section";

/** What condemned a capacitor: the eye, or its figure against what its label allows [µF]. */
export type CapacitorNoGood =
  { readonly by: "eye" } | { readonly by: "figure"; readonly foundUf: number; readonly lowUf: number; readonly highUf: number };

/**
 * Why the capacitor that was fitted is no good, as far as it was seen or measured.
 * @param facts what the card knows of it
 * @param kind run or start part
 * @returns null: nothing of it says so, or nobody says which of two parts it was
 */
export function capacitorNoGood(facts: Facts, kind: CapacitorLabel["kind"]): CapacitorNoGood | null {
  const { fittedCapacitor: label, isCapacitorDamaged, motorType, machineKind } = facts;
  if (label?.kind !== kind) return null;
  if (isCapacitorDamaged && motorType !== "cap-start-run") return { by: "eye" };
  // What is kept as measured is the run part.
  const foundUf = kind === "run" ? facts.capacitorFoundUf : null;
  const { lowUf = null, highUf = null } = sectionFor(label, machineKind) ?? {};
  if (foundUf === null || lowUf === null || highUf === null || (foundUf >= lowUf && foundUf <= highUf)) return null;
  return { by: "figure", foundUf, lowUf, highUf };
}
