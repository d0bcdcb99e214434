"use client";
import { lazy, Suspense, useEffect, useSyncExternalStore } from "react";
import { newVersion, subscribeVersion, watchVersions } from "./versions";

const NewVersion = lazy(() => import("./NewVersion"));

/**
 * Registers the service worker in production; a development server must never be cached. Where the browser refuses one,
 * the program works as long as the server answers. Tells when a newer build is there.
 */
export function OfflineShell() {
  useEffect(() => {
    if (process.env.NODE_ENV === "production" && "serviceWorker" in navigator) return watchVersions(navigator.serviceWorker);
  }, []);
  const state = useSyncExternalStore(subscribeVersion, newVersion, () => "none" as const);
  return state === "none" ? null : (
    <Suspense>
      <NewVersion state={state} />
    </Suspense>
  );
}
