"use client";
import { lazy, Suspense, useEffect, useState } from "react";

const Keepers = lazy(() => import("./Keepers"));

/** What the page shows is read before anything that goes on behind it. */
const AT_REST_MS = 400;

/** What goes on while a page is open, loaded once it stands. */
export function Later() {
  const [isAtRest, setAtRest] = useState(false);
  useEffect(() => {
    const later = setTimeout(() => setAtRest(true), AT_REST_MS);
    return () => clearTimeout(later);
  }, []);
  return isAtRest ? (
    <Suspense>
      <Keepers />
    </Suspense>
  ) : null;
}
