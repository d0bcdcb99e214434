"use client";
import { setNonce } from "get-nonce";
import { lazy, Suspense, useEffect, useState } from "react";
import { watchInstallOffer } from "../shell/install-offer";

const Keepers = lazy(() => import("./Keepers"));

/** What the page shows is read before anything that goes on behind it. */
const AT_REST_MS = 400;
/** A card says by itself what is on it: nobody there waits for lists, and its instrument comes first. */
const ON_A_CARD_MS = 1500;
const atRestMs = (): number => (window.location.pathname.startsWith("/traveller") ? ON_A_CARD_MS : AT_REST_MS);

/** What goes on while a page is open, loaded once it stands. */
export function Later() {
  const [isAtRest, setAtRest] = useState(false);
  // The browser may offer it before the page is at rest, and once only.
  useEffect(watchInstallOffer, []);
  useEffect(() => {
    // Style elements that sheets make while they are open carry the nonce of the page.
    const { nonce } = document.querySelector<HTMLScriptElement>("script[nonce]") ?? {};
    if (nonce) setNonce(nonce);
    const later = setTimeout(() => setAtRest(true), atRestMs());
    return () => clearTimeout(later);
  }, []);
  return isAtRest ? (
    <Suspense>
      <Keepers />
    </Suspense>
  ) : null;
}
