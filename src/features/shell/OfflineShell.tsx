"use client";
import { setNonce } from "get-nonce";
import { lazy, Suspense, useEffect, useSyncExternalStore } from "react";
import { watchInstallOffer } from "./install-offer";
import { newVersion, subscribeVersion, watchVersions } from "./versions";

const NewVersion = lazy(() => import("./NewVersion"));

/**
 * Registers the service worker in production; a development server must never be cached. Where the browser refuses one,
 * the program works as long as the server answers. Tells when a newer build is there.
 */
export function OfflineShell() {
  useEffect(() => {
    // Style elements that sheets make while they are open carry the nonce of the page.
    const { nonce } = document.querySelector<HTMLScriptElement>("script[nonce]") ?? {};
    if (nonce) setNonce(nonce);
    if (process.env.NODE_ENV === "production" && "serviceWorker" in navigator) return watchVersions(navigator.serviceWorker);
  }, []);
  useEffect(watchInstallOffer, []);
  const state = useSyncExternalStore(subscribeVersion, newVersion, () => "none" as const);
  return state === "none" ? null : (
    <Suspense>
      <NewVersion state={state} />
    </Suspense>
  );
}
