import { fittedNumber } from "@/core/bearing";
import { printCapacitorLabel } from "@/core/capacitor";
import { SWAP_TABLE, type SwapAction } from "@/core/exchange";
import { capacitorNoGood, type CapacitorNoGood, type Facts } from "@/core/facts";
import { formatQuantity } from "@/core/quantity";
import type { PartExchange } from "@/core/stations/out-in";
import type { MotorSpec } from "@/core/match";
import { gearReadings } from "@/features/gear/gear-readings";
import { GEAR_VIEWS } from "@/features/gear/gear-views";
import { motorLine } from "../../match/sheet-words";

/** What the card knows of a part that comes out. */
export type KnownOut = Pick<PartExchange["out"], "label" | "reading" | "why">;

function noGoodWords(why: CapacitorNoGood | null): string {
  if (why === null) return "";
  if (why.by === "eye") return "Bulged, leaking or burnt";
  return `Read ${plainUf(why.foundUf)}; ${plainUf(why.lowUf)} to ${plainUf(why.highUf)} would hold`;
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
        why: noGoodWords(capacitorNoGood(facts, kind)),
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
