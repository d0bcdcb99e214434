"use client";
import { useCallback, useEffect, useRef, useState } from "react";

/** Long enough for the live query to bring back what was just written. */
const SETTLE_MS = 400;

/** Keeps a change, and shows at once what it made. */
export type ShowChange<T> = (write: () => Promise<boolean>, made: (value: T) => T) => void;

/**
 * Shows a change at once and keeps it at the same time. While writes are under way, the changed value stands in for the
 * kept one; then the store speaks again, with what other tabs wrote and with what it could not keep yet.
 * @param kept the live value from the store
 * @returns the value to show, and how it is changed: `write` begins keeping it and has made the change when it returns; `made`
 * puts what it made into the value
 */
export function usePending<T>(kept: T): [T, ShowChange<T>] {
  const [pending, setPending] = useState<{ readonly value: T } | null>(null);
  const writes = useRef(0);
  const latest = useRef(kept);
  useEffect(() => {
    latest.current = kept;
  });
  const change: ShowChange<T> = useCallback((write, made) => {
    writes.current += 1;
    const mine = writes.current;
    // Kept before it is drawn: a page may take long to draw, and the device may die meanwhile.
    const written = write();
    setPending((current) => ({ value: made(current ? current.value : latest.current) }));
    void written.finally(() => {
      setTimeout(() => {
        // Only the last of several writes hands back to the store.
        if (writes.current === mine) setPending(null);
      }, SETTLE_MS);
    });
  }, []);
  return [pending ? pending.value : kept, change];
}
