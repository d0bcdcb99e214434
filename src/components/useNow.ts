"use client";
import { useEffect, useState } from "react";

/**
 * The present in ms, renewed while something is counted.
 * @param everyMs how often; null stands still
 */
export function useNow(everyMs: number | null): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (everyMs === null) return;
    const timer = setInterval(() => setNow(Date.now()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return now;
}

const EACH_MINUTE_MS = 60_000;
/** The present as a date, renewed each minute: for words such as "today 14:02". */
export const useMoment = (): Date => new Date(useNow(EACH_MINUTE_MS));
