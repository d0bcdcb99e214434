import type { StationEntries, TravellerAssessment } from "@/core/traveller";
import { formatNumber, formatQuantity } from "@/core/quantity";
import { MOTOR_TYPE_WORDS } from "../vocabulary/words";

/** The plate in one line of the heading: what every figure is held against. What is not known is left out. */
export function plateCells(entries: StationEntries, { facts }: TravellerAssessment): readonly (readonly [string, string])[] {
  const plate = entries.plate?.data;
  const cells: readonly (readonly [string, string | null])[] = [
    ["Type", facts.motorType === "unknown" ? null : MOTOR_TYPE_WORDS[facts.motorType]],
    [
      "Supply",
      facts.supplyV === null
        ? null
        : `${formatNumber(facts.supplyV, 0)} V${facts.frequencyHz ? ` ${formatNumber(facts.frequencyHz, 0)} Hz` : ""}`,
    ],
    ["Plate amps", facts.fullLoadA === null ? null : formatQuantity("current", facts.fullLoadA)],
    ["rpm", plate?.rpm?.trim() || null],
    ["Capacitor", facts.plateCapacitor === null ? null : (plate?.capacitor ?? null)],
  ];
  return cells.filter((cell): cell is readonly [string, string] => cell[1] !== null);
}
