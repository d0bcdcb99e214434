"use client";
import { useMemo, useState } from "react";
import type { CaseProps } from "../line-up/case-props";

const DAY_MS = 86_400_000;

/** Whether a callback still belongs to a card that was signed off; null while it is on the rack. */
export function useFinished(finishedAt: string | null, callbackDays: number): CaseProps["finished"] {
  const [now] = useState(() => Date.now());
  return useMemo(
    () => (finishedAt === null ? null : { callbackDays, isWithinCallback: now - Date.parse(finishedAt) <= callbackDays * DAY_MS }),
    [finishedAt, callbackDays, now],
  );
}
