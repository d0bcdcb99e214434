"use client";
import { useState } from "react";
import { ExportButton } from "../files/ExportButton";
import { RoomLeft } from "./RoomLeft";

/** Loaded when pressed, to keep the demo out of every start. */
const demo = () => import("@/store/demo");

/** Demo in and out, and the way to leave nothing behind. */
export function DeviceData() {
  const [said, setSaid] = useState<string | null>(null);
  const [isSure, setSure] = useState(false);
  const tell = (done: Promise<boolean>, sentence: string) => void done.then((isDone) => setSaid(isDone ? sentence : null));
  return (
    <section aria-label="Data on this device" className="flex flex-col gap-3">
      <h2 className="heading-rule">Data on this device</h2>
      <RoomLeft />
      <p className="text-[14px]">The demo cards are made up. Your own cards are never touched by these two.</p>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn"
          onClick={() =>
            tell(
              demo().then(({ clearDemo }) => clearDemo()),
              "Demo data cleared.",
            )
          }
        >
          Clear demo data
        </button>
        <button
          type="button"
          className="btn"
          onClick={() =>
            tell(
              demo().then(({ restoreDemo }) => restoreDemo()),
              "Demo data is back.",
            )
          }
        >
          Bring demo data back
        </button>
      </div>
      <div className="flex flex-wrap items-center gap-2 border-t border-rule pt-3">
        {isSure ? (
          <>
            <p className="w-full text-[14px]">Everything on this device goes: cards, readings, house rules. Export first if in doubt.</p>
            <ExportButton what="everything" label="Export everything" />
            <button
              type="button"
              className="btn border-out text-out"
              onClick={() => {
                setSure(false);
                tell(
                  import("@/store/wipe").then(({ wipeEverything }) => wipeEverything()),
                  "This device is empty.",
                );
              }}
            >
              Wipe this device
            </button>
            <button type="button" className="btn" onClick={() => setSure(false)}>
              Keep everything
            </button>
          </>
        ) : (
          <button type="button" className="btn btn-plain text-out" onClick={() => setSure(true)}>
            Wipe everything
          </button>
        )}
      </div>
      <p role="status" className="text-[14px] font-medium">
        {said}
      </p>
    </section>
  );
}
