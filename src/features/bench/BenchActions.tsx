"use client";
import { lazy, Suspense, useState } from "react";
import type { StationId } from "@/core/stations";
import { layAside } from "@/store/bench-queue";
import { clearBench } from "@/store/bench-draft";

const ClipSheet = lazy(() => import("./ClipSheet"));

interface BenchActionsProps {
  readonly station: StationId;
  readonly isEmpty: boolean;
  readonly onCleared: () => void;
  /** how the next part is asked for, where parts are checked one after another */
  readonly next: string | null;
  readonly children?: React.ReactNode;
}

/** What may become of a quick check: clipped to a card, or thrown away (and fetched back). */
export function BenchActions({ station, isEmpty, onCleared, next, children }: BenchActionsProps) {
  const [isClipping, setClipping] = useState(false);
  const [undo, setUndo] = useState<(() => Promise<boolean>) | null>(null);
  const throwAway = async (): Promise<void> => {
    const back = await clearBench(station);
    if (!back) return;
    setUndo(() => back);
    onCleared();
  };
  const layAsideNow = async (): Promise<void> => {
    if (!(await layAside(station, new Date().toISOString()))) return;
    onCleared();
    window.scrollTo({ top: 0 });
    // The label of the next one is keyed first.
    document.querySelector<HTMLElement>("[data-instrument] input:not([type=checkbox]):not([type=radio])")?.focus();
  };
  return (
    <aside aria-label="This check" className="flex flex-col gap-3">
      <h2 className="heading-rule text-[14px]">This check</h2>
      <p className="text-[14px] text-ink-soft">No card is open. It stays on this device until it is clipped to a card or thrown away.</p>
      {/* On a phone they lie at the foot, under the thumb; the pad lies over them while a figure is keyed. */}
      <div className="foot-bar flex gap-2 max-lg:fixed max-lg:inset-x-0 max-lg:bottom-0 max-lg:z-20 max-lg:border-t-2 max-lg:border-ink max-lg:bg-ground max-lg:px-4 max-lg:py-2 lg:flex-col">
        {next ? (
          <button type="button" className="btn btn-filled max-lg:flex-1" disabled={isEmpty} onClick={() => void layAsideNow()}>
            {next}
          </button>
        ) : null}
        <button
          type="button"
          className={`btn max-lg:flex-1 ${next ? "" : "btn-filled"}`}
          disabled={isEmpty}
          onClick={() => setClipping(true)}
        >
          Clip to a card
        </button>
      </div>
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
      {children}
      {isClipping ? (
        <Suspense>
          <ClipSheet station={station} onClose={() => setClipping(false)} />
        </Suspense>
      ) : null}
    </aside>
  );
}
