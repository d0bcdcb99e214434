"use client";
import { lazy, Suspense, useEffect } from "react";
import { useStorageTrouble } from "@/store/queries";

const StorageAlert = lazy(() => import("./StorageAlert"));

/** Tells in plain words, on every screen, what is not kept yet and what was refused. */
export function StorageBanner() {
  const trouble = useStorageTrouble();
  const count = trouble?.unsaved.length ?? 0;
  useEffect(() => {
    if (count === 0) return;
    // Leaving now would lose what the device has not taken.
    const ask = (event: BeforeUnloadEvent): void => event.preventDefault();
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [count]);
  return trouble ? (
    <Suspense>
      <StorageAlert trouble={trouble} />
    </Suspense>
  ) : null;
}
