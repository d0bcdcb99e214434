import type { StationId } from "@/core/stations";
import { STATION_LABELS } from "../stations/labels";
import type { GoTo } from "./worked";

/** Why a station is shut, and the way to the change of power that opens it. */
export function Gate({ gate, isDead, hasRecord, onGo }: { gate: StationId; isDead: boolean; hasRecord: boolean; onGo: GoTo }) {
  return (
    <div className="flex flex-wrap items-center gap-4 border-2 border-ink p-4">
      <p className="min-w-0 flex-1 basis-60 text-[16px]">
        {isDead
          ? "This is done with the circuit dead. Isolate it, prove it dead and measure the capacitor first."
          : "This is done with power on. Restoring power is a step of its own."}
        {hasRecord ? " What was keyed before can be read below." : ""}
      </p>
      <button type="button" className="btn btn-filled" onClick={() => onGo(gate)}>
        {STATION_LABELS[gate].title} first
      </button>
    </div>
  );
}
