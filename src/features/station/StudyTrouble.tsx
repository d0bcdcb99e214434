"use client";
import { useSyncExternalStore } from "react";
import { failedStudies, retryStudies, subscribeStudies } from "@/workers/studies";

/** Tells that a long calculation was given up: what depends on it stays open, and is not guessed. */
export function StudyTrouble() {
  const count = useSyncExternalStore(subscribeStudies, failedStudies, () => 0);
  if (count === 0) return null;
  return (
    <p role="alert" className="no-print flex flex-wrap items-center gap-3 border-b-2 border-close bg-sheet px-4 py-2">
      <span className="min-w-0 flex-1 basis-60">
        {count === 1 ? "A long calculation" : `${count} long calculations`} failed twice. What depends on it is left open.
      </span>
      <button type="button" className="btn" onClick={retryStudies}>
        Try again
      </button>
    </p>
  );
}
