import type { StationEntries, TravellerAssessment } from "@/core/traveller";
import { formatNumber, formatQuantity } from "@/core/quantity";
import { MOTOR_TYPE_WORDS } from "../vocabulary/words";

/** The plate in one line of the heading: what every figure is held against. */
export function PlateSummary({ assessment, entries }: { assessment: TravellerAssessment; entries: StationEntries }) {
  const { facts } = assessment;
  const plate = entries.plate?.data;
  const cells = [
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
  ].filter((cell): cell is [string, string] => cell[1] !== null);
  if (cells.length === 0) return null;
  return (
    <dl className="ml-auto hidden border-[1.5px] border-ink bg-sheet lg:flex" aria-label="Plate">
      {cells.map(([name, value], index) => (
        <div key={name} className={`px-2.5 pt-[3px] pb-0.5 ${index > 0 ? "border-l border-rule" : ""}`}>
          <dt className="text-[11px] leading-tight text-ink-soft">{name}</dt>
          <dd className="num max-w-[190px] truncate text-[12.5px]">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
