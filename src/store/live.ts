"use client";
import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState, useSyncExternalStore } from "react";
import type { Failure } from "@/core/result";
import { database } from "./database";
import { openFailure, subscribeStorage, toStorageFailure } from "./storage-status";
import { subscribeUnsaved, unsaved, type Unsaved } from "./unsaved";

/** A live answer: still being read, not there, not readable, or there. */
export type Live<T> =
  | { readonly state: "loading" }
  | { readonly state: "missing" }
  | { readonly state: "failed"; readonly failure: Failure }
  | { readonly state: "ready"; readonly value: T };

/** Why the database did not open. Live queries are not even run in a browser without storage, so this opens it itself. */
export function useOpenFailure(): Failure | null {
  useEffect(() => void database(), []);
  return useSyncExternalStore(subscribeStorage, openFailure, () => null);
}

/** A live read: loading, failed, missing (null) or ready. */
export function useLive<T>(read: () => Promise<T | null>, dependencies: readonly unknown[]): Live<T> {
  const answer = useLiveQuery(async (): Promise<Live<T>> => {
    try {
      const value = await read();
      return value === null ? { state: "missing" } : { state: "ready", value };
    } catch (error) {
      return { state: "failed", failure: toStorageFailure(error) };
    }
  }, [...dependencies]);
  const failure = useOpenFailure();
  return answer ?? (failure ? { state: "failed", failure } : { state: "loading" });
}

/** A live answer, and while another one is being read the last there was: lists do not flicker. */
export function useSettled<T>(live: Live<T>): Live<T> {
  const [last, setLast] = useState(live);
  if (live.state === "ready" && (last.state !== "ready" || last.value !== live.value)) setLast(live);
  return live.state === "loading" && last.state === "ready" ? last : live;
}

const NONE: readonly Unsaved[] = [];

/** What is not kept yet: the screens show it over what is. */
export function useLeftUnsaved(): readonly Unsaved[] {
  return useSyncExternalStore(subscribeUnsaved, unsaved, () => NONE);
}
