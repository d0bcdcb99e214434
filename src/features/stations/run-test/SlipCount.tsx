"use client";
import { useState } from "react";
import { formatQuantity } from "@/core/quantity";
import { countedSpeed } from "@/core/stations/run-test";
import type { InstrumentProps } from "../../station/contract";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import type { Detail } from "./words";

/** Speed without a tachometer: a mark on the shaft under a lamp on the same mains, and how often it slips back. */
export function SlipCount(props: InstrumentProps<"run-test", Detail>) {
  const { record, facts } = props;
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
        <Fields of={ROWS} show={["slipTurns", "slipSeconds"]} given={props} />
      </div>
      <p className="caption">
        {speed
          ? `${formatQuantity("speed", speed.value, speed.standardUncertainty)} by the count; a tachometer figure goes before it.`
          : "A lamp on the same mains stands a mark on the shaft still at synchronous speed. Plate speed and hertz are needed for the poles."}
      </p>
    </div>
  );
}
