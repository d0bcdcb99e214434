"use client";
import { useState } from "react";
import { addMeter, removeMeter, useMeters } from "@/store/meters";
import { MeterEditor } from "./MeterEditor";

/** Meters whose lines are read: how each line is built, tried at once on lines that were copied from it. */
export default function MetersSection() {
  const meters = useMeters();
  const [open, setOpen] = useState<string | null>(null);
  if (meters.state !== "ready") return null;
  const add = async (): Promise<void> => setOpen(await addMeter(`Meter ${meters.value.length + 1}`));
  return (
    <div className="flex flex-col gap-3">
      <p className="text-[14px]">
        Read as they come: a plain line of value, unit and function; SCPI; either of them from a bridge on this machine. Any other meter is
        taught from a few lines of it.
      </p>
      <ul className="flex flex-col">
        {meters.value.map((meter) => (
          <li key={meter.id} className="border-b border-rule-faint py-2">
            <div className="flex flex-wrap items-center justify-between gap-3">
              <button
                type="button"
                className="link-button"
                aria-expanded={open === meter.id}
                onClick={() => setOpen(open === meter.id ? null : meter.id)}
              >
                {meter.profile.name || "A meter without a name"}
              </button>
              <Remove onRemove={() => void removeMeter(meter.id)} />
            </div>
            {open === meter.id ? <MeterEditor kept={meter} /> : null}
          </li>
        ))}
      </ul>
      <button type="button" className="btn self-start" onClick={() => void add()}>
        Teach another meter
      </button>
    </div>
  );
}

/** What is taken away is gone from this device: it is asked once. */
function Remove({ onRemove }: { onRemove: () => void }) {
  const [isAsked, setAsked] = useState(false);
  return isAsked ? (
    <span className="flex flex-wrap items-center gap-2 text-[14px]">
      Its readings stay.
      <button type="button" className="btn" onClick={onRemove}>
        Take it away
      </button>
      <button type="button" className="btn btn-plain" onClick={() => setAsked(false)}>
        Keep it
      </button>
    </span>
  ) : (
    <button type="button" className="btn btn-plain" onClick={() => setAsked(true)}>
      Take away
    </button>
  );
}
