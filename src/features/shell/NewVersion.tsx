"use client";
import { useState } from "react";
import { retryUnsaved } from "@/store/change-row";
import { changeOver, type NewVersionState } from "./versions";

const SAID: Record<Exclude<NewVersionState, "none">, string> = {
  waiting: "A new version of Vemmick is here. It comes in when you say so; this page goes on as it is until then.",
  "in-force": "A new version of Vemmick came in. This page is still of the old one: load it anew when it suits.",
};

/** Tells of a new version, and lets it in when everything is kept. */
export default function NewVersion({ state }: { state: Exclude<NewVersionState, "none"> }) {
  const [isHeldUp, setHeldUp] = useState(false);
  const [isAway, setAway] = useState(false);
  if (isAway) return null;
  const go = async (): Promise<void> => {
    const isAllKept = await retryUnsaved();
    setHeldUp(!isAllKept);
    if (isAllKept) changeOver();
  };
  return (
    <aside
      aria-label="New version"
      className="no-print fixed inset-x-0 bottom-0 z-40 flex flex-wrap items-center gap-3 border-t-2 border-ink bg-sheet px-4 py-2 max-lg:bottom-[64px]"
    >
      <p role="status" className="min-w-0 flex-1 basis-60 text-[14px]">
        {isHeldUp ? "Not yet: something keyed is not kept. Free some space and try again, or export it first." : SAID[state]}
      </p>
      <button type="button" className="btn btn-filled" onClick={() => void go()}>
        Change over
      </button>
      <button type="button" className="btn" onClick={() => setAway(true)}>
        Later
      </button>
    </aside>
  );
}
