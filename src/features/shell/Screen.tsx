"use client";
import { lazy, Suspense } from "react";
import type { Failure } from "@/core/result";
import { FootActions, type FootAction } from "@/components/FootActions";
import { AppHeader } from "./AppHeader";
import { StorageBanner } from "./StorageBanner";

const NONE: readonly FootAction[] = [];

/** A plain screen: header, banner, content, and on a phone what is done there most, under the thumb. */
export function Screen({ at, actions = NONE, children }: { at: string; actions?: readonly FootAction[]; children: React.ReactNode }) {
  return (
    <div className="min-h-dvh">
      <AppHeader at={at} />
      <StorageBanner />
      <main className={`mx-auto max-w-[1280px] px-4 py-5 sm:px-7 ${actions.length > 0 ? "max-lg:pb-[84px]" : ""}`}>{children}</main>
      {actions.length > 0 ? <FootActions actions={actions} /> : null}
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
