"use client";
import { lazy, Suspense } from "react";
import type { Failure } from "@/core/result";
import { AppHeader } from "./AppHeader";
import { StorageBanner } from "./StorageBanner";

/** A plain screen: header, banner, content. */
export function Screen({ at, children }: { at: string; children: React.ReactNode }) {
  return (
    <div className="min-h-dvh">
      <AppHeader at={at} />
      <StorageBanner />
      <main className="mx-auto max-w-[1280px] px-4 py-5 sm:px-7">{children}</main>
    </div>
  );
}

/** While the device is being read. */
export function Reading() {
  return (
    <p className="caption p-6" role="status">
      Reading what is kept on this device …
    </p>
  );
}

const CannotReadAlert = lazy(() => import("./CannotReadAlert"));

/** When the device cannot be read. */
export function CannotRead({ failure }: { failure: Failure }) {
  return (
    <Suspense>
      <CannotReadAlert failure={failure} />
    </Suspense>
  );
}
