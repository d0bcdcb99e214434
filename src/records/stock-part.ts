import { parseCapacitorLabel, type StockPart } from "@/core/capacitor";
import type { Part } from "./part-record";

/** A part as the sums take it; null when its label cannot be read. */
export function toStockPart(part: Part): StockPart | null {
  const label = parseCapacitorLabel(part.label);
  if (!label.ok) return null;
  const { id, quantity, price, diameterMm, heightMm, terminals } = part;
  return { id, label: label.value, quantity, price, diameterMm, heightMm, terminals };
}
