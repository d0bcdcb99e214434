"use client";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import { DEFAULT_METER } from "@/core/house";
import { formatQuantity, QUANTITIES, type Meter, type Quantity } from "@/core/quantity";
import { readRows, writeRow } from "./meter-rows";

const SHOWN: readonly Quantity[] = ["capacitance", "resistance", "current", "voltage"];
const NAMES: Record<Quantity, string> = {
  capacitance: "Capacitance",
  resistance: "Resistance",
  current: "Current",
  voltage: "Voltage",
  temperature: "Temperature",
  insulation: "Insulation",
  speed: "Speed",
  duration: "Time",
};

/** The meter's data sheet: every reading taken from now on carries its uncertainty. */
export function MeterRules({ meter, onMeter }: { meter: Meter; onMeter: (change: (meter: Meter) => Meter | null) => void }) {
  const [problems, setProblems] = useState<Partial<Record<Quantity, string>>>({});
  return (
    <div className="flex flex-col gap-4">
      <LineField label="Name of the meter" kind="word" text={meter.name} onText={(name) => onMeter((kept) => ({ ...kept, name }))} />
      {SHOWN.map((quantity) => {
        const ranges = meter.ranges[quantity] ?? [];
        const example = ranges[0] ? formatQuantity(quantity, ranges[0].upTo) : "";
        return (
          <LineField
            key={quantity}
            label={`${NAMES[quantity]}: each range up to its top, ±(percent + digits × worth of a digit), in ${QUANTITIES[quantity].symbol}`}
            text={ranges.map(writeRow).join("; ")}
            kind="note"
            isFigure
            problem={problems[quantity] ?? null}
            hint={example ? `First range to ${example}. Ranges are parted by semicolons.` : null}
            onText={(text) => {
              const read = readRows(text);
              setProblems({ ...problems, [quantity]: "problem" in read ? read.problem : undefined });
              // The row on the meter as it is kept by now: another tab may have changed its name or another row.
              if ("ranges" in read) onMeter((kept) => ({ ...kept, id: "house", ranges: { ...kept.ranges, [quantity]: read.ranges } }));
            }}
          />
        );
      })}
      {meter.id === DEFAULT_METER.id ? (
        <p className="caption">
          This is a usual meter of its kind. Copy the figures from your own meter&apos;s data sheet: verdicts are as honest as these are.
        </p>
      ) : (
        <button type="button" className="btn self-start" onClick={() => onMeter(() => null)}>
          Back to the usual meter
        </button>
      )}
    </div>
  );
}
