import { fittedNumber } from "@/core/bearing";
import { printCapacitorLabel } from "@/core/capacitor";
import { SWAP_TABLE, type SwapAction } from "@/core/exchange";
import type { Facts } from "@/core/facts";
import { formatQuantity } from "@/core/quantity";
import type { PartExchange } from "@/core/stations/out-in";
import type { MotorSpec } from "@/core/match";
import { gearReadings } from "@/features/gear/gear-readings";
import { GEAR_VIEWS } from "@/features/gear/gear-views";
import { motorLine } from "../../match/sheet-words";

/** What the card knows of the part that comes out, in words: its label, and what it read. */
export function outOfCard(action: SwapAction, facts: Facts, old: MotorSpec): Pick<PartExchange["out"], "label" | "reading"> {
  switch (SWAP_TABLE[action].kind) {
    case "capacitor": {
      const kind = action === "replace-start-capacitor" ? "start" : "run";
      // What the plate asks for is not what was fitted: somebody else may have been here.
      const label = facts.fittedCapacitor?.kind === kind ? facts.fittedCapacitor : null;
      const found = kind === "run" ? facts.capacitorFoundUf : null;
      return {
        label: label === null ? "" : printCapacitorLabel(label),
        reading: found === null ? "" : formatQuantity("capacitance", found).replace("\u00a0", " "),
      };
    }
    case "bearing":
      return {
        label: Object.values(facts.bearings).map(fittedNumber).join(", "),
        reading: "",
      };
    case "motor":
      return { label: motorLine(old), reading: "" };
    case "start-gear": {
      const { startGear, gearFound } = facts;
      return {
        label: startGear === null || startGear === "none" ? "" : GEAR_VIEWS[startGear].name,
        reading: gearFound === null ? "" : gearReadings(gearFound),
      };
    }
    case "other":
      return { label: "", reading: "" };
  }
}
