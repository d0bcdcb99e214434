"use client";
import { useSearchParams } from "next/navigation";
import { useSyncExternalStore } from "react";

const never = () => () => undefined;

/**
 * What stands behind the ? of the address; null until the page is in the browser. One stored page serves every card, so
 * it must not be drawn for any of them before the address is known.
 */
export function useAddress(): { get: (name: string) => string | null } | null {
  const parameters = useSearchParams();
  const isInBrowser = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  return isInBrowser ? parameters : null;
}
