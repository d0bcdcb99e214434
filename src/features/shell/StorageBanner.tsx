"use client";
import { lazy, Suspense, useEffect } from "react";
import { useStorageTrouble } from "@/store/trouble";
import { isUnsavedHandedOn } from "@/store/unsaved";

const StorageAlert = lazy(() => import("./StorageAlert"));

/** Tells in plain words, on every screen, what is not kept yet and what was refused. */
export function StorageBanner() {
  const trouble = useStorageTrouble();
  const count = trouble?.unsaved.length ?? 0;
  useEffect(() => {
    if (count === 0) return;
    // Closing the tab would lose what the device has not taken; another page of the program has it too.
    let isOwnLink = false;
    const follow = (event: MouseEvent): void => {
      isOwnLink = event.target instanceof Element && event.target.closest('a[href^="/"]') !== null;
    };
    const ask = (event: BeforeUnloadEvent): void => {
      if (!isOwnLink || !isUnsavedHandedOn()) event.preventDefault();
      isOwnLink = false;
    };
    document.addEventListener("click", follow, true);
    window.addEventListener("beforeunload", ask);
    return () => {
      document.removeEventListener("click", follow, true);
      window.removeEventListener("beforeunload", ask);
    };
  }, [count]);
  return trouble ? (
    <Suspense>
      <StorageAlert trouble={trouble} />
    </Suspense>
  ) : null;
}
