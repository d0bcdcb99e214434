"use client";
import { lazy, Suspense, useEffect, useState } from "react";
import type { LinkPlace } from "./link";
import { LINK_WANTED, rememberedMeter } from "./remembered";

const LinkPanel = lazy(() => import("./LinkPanel"));

/** A meter on the line: its panel comes when it is first asked for. */
export function LinkButton({ place }: { place: LinkPlace }) {
  const [isWanted, setWanted] = useState(() => rememberedMeter() !== null);
  useEffect(() => {
    // Whoever opens a line from elsewhere wants to see it.
    const show = (): void => setWanted(true);
    document.addEventListener(LINK_WANTED, show);
    return () => document.removeEventListener(LINK_WANTED, show);
  }, []);
  if (!isWanted)
    return (
      <button type="button" className="link-button no-print" onClick={() => setWanted(true)}>
        Meter link
      </button>
    );
  return (
    <Suspense>
      <LinkPanel place={place} onDone={() => setWanted(false)} />
    </Suspense>
  );
}
