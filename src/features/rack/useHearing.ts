"use client";
import type { Hearing } from "@/core/hearing";
import { useEffect, useState } from "react";

type Hear = (said: string) => Hearing;

let loaded: Hear | null = null;
const load = async (): Promise<Hear> => (loaded ??= (await import("./hear")).hear);

/** What people say is a long table: it is fetched when the screen has come to rest, or at the first key. */
const LATER_MS = 1500;

/**
 * How the open line is understood.
 * @returns the hearing, null until the table is there; and the table, for whoever cannot go on without it
 */
export function useHearing(said: string): [Hearing | null, () => Promise<Hear>] {
  const [hear, setHear] = useState<Hear | null>(() => loaded);
  const isTyped = said !== "";
  useEffect(() => {
    const later = setTimeout(() => void load().then((there) => setHear(() => there)), isTyped ? 0 : LATER_MS);
    return () => clearTimeout(later);
  }, [isTyped]);
  return [hear === null ? null : hear(said), load];
}
