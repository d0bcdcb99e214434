"use client";
import { useEffect } from "react";
import { useOldLines } from "@/store/old-lines";

/** Once the page is there, and no sooner: what it shows first is what is kept. */
const SOON_MS = 50;

/** Has what lists show of the cards derived anew, in a worker, whenever some of it is old. */
export function KeepSummaries() {
  const isOld = useOldLines();
  useEffect(() => {
    if (!isOld) return;
    const soon = setTimeout(() => void import("./keep-summaries").then(({ keepSummaries }) => keepSummaries()), SOON_MS);
    return () => clearTimeout(soon);
  }, [isOld]);
  return null;
}
