import { fittedNumber } from "@/core/bearing";
import { printCapacitorLabel, type CapacitorLabel } from "@/core/capacitor";
import { SWAP_TABLE, type SwapAction } from "@/core/exchange";
import { sectionFor, type Facts } from "@/core/facts";
import { formatQuantity } from "@/core/quantity";
import type { PartExchange } from "@/core/stations/out-in";
import type { MotorSpec } from "@/core/match";
import { gearReadings } from "@/features/gear/gear-readings";
import { GEAR_VIEWS } from "@/features/gear/gear-views";
import { motorLine } from "../../match/sheet-words";

/** What the card knows of a part that comes out. */
export type KnownOut = Pick<PartExchange["out"], "label" | "reading" | "why">;

/** Why a capacitor is no good, where the eye condemned it, or its figure lies outside what its label allows. */
function whyNoGood(label: CapacitorLabel | null, foundUf: number | null, facts: Facts): string {
  // Of two parts nobody says which one it was.
  if (facts.isCapacitorDamaged && facts.motorType !== "cap-start-run") return "Bulged, leaking or burnt";
  const { lowUf = null, highUf = null } = sectionFor(label, facts.machineKind) ?? {};
  if (foundUf === null || lowUf === null || highUf === null || (foundUf >= lowUf && foundUf <= highUf)) return "";
  return `Read ${plainUf(foundUf)}; ${plainUf(lowUf)} to ${plainUf(highUf)} would hold`;
}
const plainUf = (uf: number): string => formatQuantity("capacitance", uf).replace("\u00a0", " ");

/** What the card knows of the part that comes out, in words: its label, what it read, and why it is no good. */
export function outOfCard(action: SwapAction, facts: Facts, old: MotorSpec): KnownOut {
  switch (SWAP_TABLE[action].kind) {
    case "capacitor": {
      const kind = action === "replace-start-capacitor" ? "start" : "run";
      // What the plate asks for is not what was fitted: somebody else may have been here.
      const label = facts.fittedCapacitor?.kind === kind ? facts.fittedCapacitor : null;
      const found = kind === "run" ? facts.capacitorFoundUf : null;
      return {
        label: label === null ? "" : printCapacitorLabel(label),
        reading: found === null ? "" : plainUf(found),
        why: label === null ? "" : whyNoGood(label, found, facts),
      };
    }
    case "bearing":
      return {
        label: Object.values(facts.bearings).map(fittedNumber).join(", "),
        reading: "",
        why: "",
      };
    case "motor":
      return { label: motorLine(old), reading: "", why: "" };
    case "start-gear": {
      const { startGear, gearFound } = facts;
      return {
        label: startGear === null || startGear === "none" ? "" : GEAR_VIEWS[startGear].name,
        reading: gearFound === null ? "" : gearReadings(gearFound),
        why: "",
      };
    }
    case "other":
      return { label: "", reading: "", why: "" };
  }
}
