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
