"use client";
import { useState } from "react";
import { formatQuantity } from "@/core/quantity";
import { countedSpeed } from "@/core/stations/run-test";
import type { InstrumentProps } from "../../station/contract";
import { PlainField } from "../shared/PlainField";
import type { Detail } from "./words";

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
        <PlainField
          label="Turns the mark slipped back"
          field="turns"
          text={record.slipTurns}
          onText={(slipTurns) => change((r) => ({ ...r, slipTurns }))}
        />
        <PlainField
          label="In"
          field="turnsTime"
          text={record.slipSeconds}
          onText={(slipSeconds) => change((r) => ({ ...r, slipSeconds }))}
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
