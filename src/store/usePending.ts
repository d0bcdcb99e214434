"use client";
import { useRef, useState } from "react";

/** Long enough for the live query to bring back what was just written. */
const SETTLE_MS = 400;

/**
 * Shows a change at once and keeps it at the same time. While writes are under way, the changed value stands in for the
 * kept one; then the kept one speaks again, with what other tabs wrote. A write that was refused leaves its value on the
 * screen, so that nothing that was keyed vanishes.
 * @param kept the live value from the store
 */
export function usePending<T>(kept: T): [T, (change: (value: T) => T, write: () => Promise<boolean>) => void] {
  const [pending, setPending] = useState<{ readonly value: T } | null>(null);
  const writes = useRef(0);
  const change = (apply: (value: T) => T, write: () => Promise<boolean>): void => {
    setPending((current) => ({ value: apply(current ? current.value : kept) }));
    writes.current += 1;
    const mine = writes.current;
    void write().then((isKept) => {
      if (!isKept) return;
      setTimeout(() => {
        // Only the last of several writes hands back to the store.
        if (writes.current === mine) setPending(null);
      }, SETTLE_MS);
    });
  };
  return [pending ? pending.value : kept, change];
}
