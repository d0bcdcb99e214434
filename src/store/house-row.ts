"use client";
import { useMemo } from "react";
import type { Loose } from "@/core/kept";
import { database } from "./database";
import { useLeftUnsaved, useLive } from "./live";
import { withUnsaved } from "./unsaved";

/** A house that has set nothing, or whose rules cannot be read: the defaults keep the sums right. */
const NOTHING: Loose = {};

/** The house's own record as it is kept, live, without its rules; null while it is being read. */
export function useHouseRow(): Loose | null {
  const answer = useLive(async () => ((await database().house.get("house")) ?? NOTHING) as Loose, []);
  const left = useLeftUnsaved();
  return useMemo(() => {
    if (answer.state === "loading") return null;
    const kept = answer.state === "ready" ? answer.value : NOTHING;
    return withUnsaved<Loose>("house", "house", kept, left) ?? kept;
  }, [answer, left]);
}
