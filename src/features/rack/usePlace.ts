"use client";
import { useEffect, useState } from "react";
import { knownPlace, type KnownPlace } from "@/store/known-place";

/** Looked for when the hand has paused: it reads the store. */
const PAUSE_MS = 250;

/**
 * The site of an earlier card that the open line names.
 * @param said the open line
 * @returns null: none is named
 */
export function usePlace(said: string): KnownPlace | null {
  const [found, setFound] = useState<{ readonly said: string; readonly place: KnownPlace | null } | null>(null);
  useEffect(() => {
    if (said.trim() === "") return undefined;
    let isGone = false;
    const later = setTimeout(() => {
      void knownPlace(said).then(
        (place) => {
          if (!isGone) setFound({ said, place });
        },
        // A store that cannot be read offers no place, and says so elsewhere.
        () => undefined,
      );
    }, PAUSE_MS);
    return () => {
      isGone = true;
      clearTimeout(later);
    };
  }, [said]);
  return said.trim() === "" ? null : (found?.place ?? null);
}
