"use client";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import { DEFAULT_METER } from "@/core/house";
import { formatQuantity, QUANTITIES, type Meter, type MeterRange, type Quantity } from "@/core/quantity";

const SHOWN: readonly Quantity[] = ["capacitance", "resistance", "current", "voltage"];
const NAMES: Record<Quantity, string> = {
  capacitance: "Capacitance",
  resistance: "Resistance",
  current: "Current",
  voltage: "Voltage",
  temperature: "Temperature",
};

/** A row as the data sheet prints it: `10: 1% + 3 x 0.01`. */
const ROW = /^\s*([\d.]+)\s*([kMG]?)\s*:\s*([\d.]+)\s*%\s*\+\s*(\d+)\s*[x×]\s*([\d.]+)\s*([kMG]?)\s*$/;
const PREFIX: Record<string, number> = { "": 1, k: 1e3, M: 1e6, G: 1e9 };

function writeRow({ upTo, percent, digits, resolution }: MeterRange): string {
  const scale = upTo >= 1e6 ? "M" : upTo >= 1e4 ? "k" : "";
  const by = PREFIX[scale] ?? 1;
  return `${Number((upTo / by).toPrecision(6))}${scale}: ${percent}% + ${digits} x ${Number((resolution / by).toPrecision(6))}${scale}`;
}

/** Reads the rows of one quantity, or says which row cannot be read. */
export function readRows(text: string): { readonly ranges: MeterRange[] } | { readonly problem: string } {
  const ranges: MeterRange[] = [];
  for (const line of text.split(";").filter((part) => part.trim() !== "")) {
    const match = ROW.exec(line);
    if (!match)
      return {
        problem: `“${line.trim()}” cannot be read. Type each range as  top: percent% + digits x worth,  for example  10: 1% + 3 x 0.01`,
      };
    const [, upTo, upToScale = "", percent, digits, worth, worthScale = ""] = match;
    const range = {
      upTo: Number(upTo) * (PREFIX[upToScale] ?? 1),
      percent: Number(percent),
      digits: Number(digits),
      resolution: Number(worth) * (PREFIX[worthScale] ?? 1),
    };
    if (!Object.values(range).every(Number.isFinite) || range.percent > 50 || range.upTo <= 0)
      return { problem: `“${line.trim()}” is not a range of a meter. Type percent up to 50 and a top above zero.` };
    ranges.push(range);
  }
  return { ranges: ranges.sort((a, b) => a.upTo - b.upTo) };
}

/** The meter's data sheet: every reading taken from now on carries its uncertainty. */
export function MeterRules({ meter, onMeter }: { meter: Meter; onMeter: (meter: Meter | null) => void }) {
  const [problems, setProblems] = useState<Partial<Record<Quantity, string>>>({});
  return (
    <div className="flex flex-col gap-4">
      <LineField label="Name of the meter" text={meter.name} onText={(name) => onMeter({ ...meter, name: name.slice(0, 80) })} />
      {SHOWN.map((quantity) => {
        const ranges = meter.ranges[quantity] ?? [];
        const example = ranges[0] ? formatQuantity(quantity, ranges[0].upTo) : "";
        return (
          <LineField
            key={quantity}
            label={`${NAMES[quantity]}: each range up to its top, ±(percent + digits × worth of a digit), in ${QUANTITIES[quantity].symbol}`}
            text={ranges.map(writeRow).join("; ")}
            isFigure
            problem={problems[quantity] ?? null}
            hint={example ? `First range to ${example}. Ranges are parted by semicolons.` : null}
            onText={(text) => {
              const read = readRows(text);
              setProblems({ ...problems, [quantity]: "problem" in read ? read.problem : undefined });
              if ("ranges" in read) onMeter({ ...meter, id: "house", ranges: { ...meter.ranges, [quantity]: read.ranges } });
            }}
          />
        );
      })}
      {meter.id === DEFAULT_METER.id ? (
        <p className="caption">
          This is a usual meter of its kind. Copy the figures from your own meter&apos;s data sheet: verdicts are as honest as these are.
        </p>
      ) : (
        <button type="button" className="btn self-start" onClick={() => onMeter(null)}>
          Back to the usual meter
        </button>
      )}
    </div>
  );
}
