"use client";
import { useState } from "react";
import { LineField } from "@/components/LineField";
import { formatQuantity } from "@/core/quantity";
import { readPositive } from "@/core/stations/fields";
import { countedSpeed } from "@/core/stations/run-test";
import type { InstrumentProps } from "../contract";
import type { Detail } from "./words";

const wrong = (text: string): string | null =>
  text.trim() === "" || readPositive(text) !== null ? null : "Type a number, for example 25.";

/** Speed without a tachometer: a mark on the shaft under a lamp on the same mains, and how often it slips back. */
export function SlipCount({ record, facts, change }: Pick<InstrumentProps<"run-test", Detail>, "record" | "facts" | "change">) {
  const isKeyed = record.slipTurns !== "" || record.slipSeconds !== "";
  const [isOpen, setOpen] = useState(isKeyed);
  const speed = countedSpeed(record, facts);
  if (!isOpen) {
    return (
      <button type="button" className="btn btn-plain self-start" onClick={() => setOpen(true)}>
        Speed by slip count
      </button>
    );
  }
  return (
    <div className="flex flex-col gap-2">
      <div className="grid grid-cols-2 gap-5">
        <LineField
          label="Turns the mark slipped back"
          text={record.slipTurns}
          isFigure
          problem={wrong(record.slipTurns)}
          onText={(slipTurns) => change((r) => ({ ...r, slipTurns: slipTurns.slice(0, 200) }))}
        />
        <LineField
          label="In"
          text={record.slipSeconds}
          unit="s"
          isFigure
          problem={wrong(record.slipSeconds)}
          onText={(slipSeconds) => change((r) => ({ ...r, slipSeconds: slipSeconds.slice(0, 200) }))}
        />
      </div>
      <p className="caption">
        {speed
          ? `${formatQuantity("speed", speed.value, speed.standardUncertainty)} by the count; a tachometer figure goes before it.`
          : "A lamp on the same mains stands a mark on the shaft still at synchronous speed. Plate speed and hertz are needed for the poles."}
      </p>
    </div>
  );
}
