"use client";
import { useSyncExternalStore } from "react";

const QUERY = "(max-width: 640px)";
// Where there is no screen to ask, as on the server and in plain tests, it is a wide one.
const ask = (): MediaQueryList | null => (typeof window.matchMedia === "function" ? window.matchMedia(QUERY) : null);

function subscribe(listener: () => void): () => void {
  const query = ask();
  query?.addEventListener("change", listener);
  return () => query?.removeEventListener("change", listener);
}

/** Whether the screen is a phone's: drawings then keep their letters readable by a narrower view. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => ask()?.matches ?? false,
    () => false,
  );
}
