"use client";
import { useStorageFailure } from "@/store/queries";
import { toSentence } from "../messages/failure-sentences";
import { ExportButton } from "../ledger/ExportButton";

/** Tells in plain words when the last entry was not kept, on every screen. */
export function StorageBanner() {
  const failure = useStorageFailure();
  if (!failure) return null;
  return (
    <div role="alert" className="no-print flex flex-wrap items-center gap-3 border-b-2 border-out bg-sheet px-4 py-2 text-out">
      <p className="min-w-0 flex-1 font-medium">{toSentence(failure)}</p>
      <ExportButton what="everything" label="Export everything" />
    </div>
  );
}
