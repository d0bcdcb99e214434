"use client";
import { useMemo } from "react";
import { database } from "./database";
import { useLeftUnsaved, useLive } from "./live";
import { withUnsaved } from "./unsaved";

/** What every screen needs of the house, without its rules. */
export interface HouseBasics {
  readonly technician: string;
  /** one-letter keys outside fields */
  readonly hasLetterKeys: boolean;
}

/** Who works here and how, live; null while it is being read. A damaged record gives what can be read of it. */
export function useHouseBasics(): HouseBasics | null {
  const answer = useLive(async () => (await database().house.get("house")) ?? {}, []);
  const left = useLeftUnsaved();
  return useMemo(() => {
    if (answer.state === "loading") return null;
    const kept: object = answer.state === "ready" ? answer.value : {};
    const { technician, hasLetterKeys }: { technician?: unknown; hasLetterKeys?: unknown } =
      withUnsaved("house", "house", kept, left) ?? kept;
    return { technician: typeof technician === "string" ? technician : "", hasLetterKeys: hasLetterKeys !== false };
  }, [answer, left]);
}
