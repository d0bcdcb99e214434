import { printCapacitorLabel } from "@/core/capacitor";
import type { StationEntries, TravellerAssessment } from "@/core/traveller";
import { formatNumber, formatQuantity } from "@/core/quantity";
import { MOTOR_TYPE_WORDS } from "../vocabulary/words";

/** The plate in one line of the heading: what every figure is held against. What is not known is left out. */
export function plateCells(entries: StationEntries, { facts, stations }: TravellerAssessment): readonly (readonly [string, string])[] {
  const plate = entries.plate?.data;
  const { detail } = stations.plate;
  const cells: readonly (readonly [string, string | null])[] = [
    ["Type", facts.motorType === "unknown" ? null : MOTOR_TYPE_WORDS[facts.motorType]],
    [
      "Supply",
      facts.supplyV === null
        ? null
        : `${formatNumber(facts.supplyV, 0)} V${facts.frequencyHz ? ` ${formatNumber(facts.frequencyHz, 0)} Hz` : ""}`,
    ],
    ["Plate amps", facts.fullLoadA === null ? null : formatQuantity("current", facts.fullLoadA)],
    // What could not be read is told under its field; up here it would pass for read.
    ["rpm", detail.failures.rpm ? null : plate?.rpm?.trim() || null],
    ["Capacitor", detail.capacitors.map(({ label }) => printCapacitorLabel({ ...label, notes: [] })).join(" / ") || null],
  ];
  return cells.filter((cell): cell is readonly [string, string] => cell[1] !== null);
}
