import type { Failure } from "@/core/result";
import { ExportButton } from "../ledger/ExportButton";
import { toSentence } from "../messages/failure-sentences";

/** What went wrong with keeping data, with the way to take it along. */
export default function StorageAlert({ failure }: { failure: Failure }) {
  return (
    <div role="alert" className="no-print flex flex-wrap items-center gap-3 border-b-2 border-out bg-sheet px-4 py-2 text-out">
      <p className="min-w-0 flex-1 font-medium">{toSentence(failure)}</p>
      <ExportButton what="everything" label="Export everything" />
    </div>
  );
}
