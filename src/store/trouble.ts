"use client";
import { useMemo, useSyncExternalStore } from "react";
import type { Failure } from "@/core/result";
import { useLeftUnsaved } from "./live";
import { refusedAction, subscribeStorage } from "./storage-status";
import type { Unsaved } from "./unsaved";

/** What the banner tells: changes that are not kept, and an action that was refused. */
export interface StorageTrouble {
  readonly unsaved: readonly Unsaved[];
  readonly refusal: Failure | null;
}

/** The trouble with storage that the banner shows; null when there is none. */
export function useStorageTrouble(): StorageTrouble | null {
  const refusal = useSyncExternalStore(subscribeStorage, refusedAction, () => null);
  const left = useLeftUnsaved();
  return useMemo(() => (refusal === null && left.length === 0 ? null : { unsaved: left, refusal }), [refusal, left]);
}
