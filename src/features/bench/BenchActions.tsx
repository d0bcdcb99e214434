"use client";
import { lazy, Suspense, useState } from "react";
import type { StationId } from "@/core/stations";
import { clearBench } from "@/store/bench-draft";

const ClipSheet = lazy(() => import("./ClipSheet"));

interface BenchActionsProps {
  readonly station: StationId;
  readonly isEmpty: boolean;
  readonly onCleared: () => void;
}

/** What may become of a quick check: clipped to a card, or thrown away (and fetched back). */
export function BenchActions({ station, isEmpty, onCleared }: BenchActionsProps) {
  const [isClipping, setClipping] = useState(false);
  const [undo, setUndo] = useState<(() => Promise<boolean>) | null>(null);
  const throwAway = async (): Promise<void> => {
    const back = await clearBench(station);
    if (!back) return;
    setUndo(() => back);
    onCleared();
  };
  return (
    <aside aria-label="This check" className="flex flex-col gap-3">
      <h2 className="heading-rule text-[14px]">This check</h2>
      <p className="text-[14px] text-ink-soft">No card is open. It stays on this device until it is clipped to a card or thrown away.</p>
      <button type="button" className="btn btn-filled" disabled={isEmpty} onClick={() => setClipping(true)}>
        Clip to a card
      </button>
      <button type="button" className="btn" disabled={isEmpty} onClick={() => void throwAway()}>
        Throw away
      </button>
      {undo && isEmpty ? (
        <p role="status" className="text-[14px]">
          Thrown away.{" "}
          <button
            type="button"
            className="min-h-[44px] font-semibold text-press underline"
            onClick={() => {
              setUndo(null);
              void undo();
            }}
          >
            Bring it back
          </button>
        </p>
      ) : null}
      {isClipping ? (
        <Suspense>
          <ClipSheet station={station} onClose={() => setClipping(false)} />
        </Suspense>
      ) : null}
    </aside>
  );
}
