"use client";
import { lazy, Suspense } from "react";
import { useStorageFailure } from "@/store/queries";

const StorageAlert = lazy(() => import("./StorageAlert"));

/** Tells in plain words when the last entry was not kept, on every screen. */
export function StorageBanner() {
  const failure = useStorageFailure();
  return failure ? (
    <Suspense>
      <StorageAlert failure={failure} />
    </Suspense>
  ) : null;
}
