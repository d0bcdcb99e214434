"use client";
import { useRef, useState } from "react";

/** Long enough for the live query to bring back what was just written. */
const SETTLE_MS = 400;

/**
 * Shows a change at once and keeps it at the same time. While writes are under way, the changed value stands in for the
 * kept one; then the store speaks again, with what other tabs wrote and with what it could not keep yet.
 * @param kept the live value from the store
 */
export function usePending<T>(kept: T): [T, (change: (value: T) => T, write: () => Promise<boolean>) => void] {
  const [pending, setPending] = useState<{ readonly value: T } | null>(null);
  const writes = useRef(0);
  const change = (apply: (value: T) => T, write: () => Promise<boolean>): void => {
    writes.current += 1;
    const mine = writes.current;
    // Kept before it is drawn: a page may take long to draw, and the device may die meanwhile.
    const written = write();
    setPending((current) => ({ value: apply(current ? current.value : kept) }));
    void written.finally(() => {
      setTimeout(() => {
        // Only the last of several writes hands back to the store.
        if (writes.current === mine) setPending(null);
      }, SETTLE_MS);
    });
  };
  return [pending ? pending.value : kept, change];
}
