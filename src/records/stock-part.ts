import { parseCapacitorLabel, type StockPart } from "@/core/capacitor";
import type { Part } from "./part-record";

/** A part as the sums take it; null when it is no capacitor to be fitted, or its label cannot be read. */
export function toStockPart(part: Part): StockPart | null {
  if (part.kind !== "capacitor" || part.state === "for-parts") return null;
  const label = parseCapacitorLabel(part.label);
  if (!label.ok) return null;
  const { id, quantity, price, diameterMm, heightMm, terminals } = part;
  return { id, label: label.value, quantity, price, diameterMm, heightMm, terminals };
}
