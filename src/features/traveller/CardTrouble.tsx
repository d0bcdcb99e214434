import type { Failure } from "@/core/result";
import { toFileSentence } from "../messages/file-sentences";

/** Tells that the card as a whole could not be assessed: stamps, line-up and next move are those of before. */
export default function CardTrouble({ failure, onRetry }: { failure: Failure; onRetry: () => void }) {
  return (
    <p role="alert" className="no-print flex flex-wrap items-center gap-3 border-b-2 border-close bg-sheet px-4 py-2">
      <span className="min-w-0 flex-1 basis-60">
        The card as a whole could not be assessed: Line-up and Next move do not know what was keyed last. {toFileSentence(failure)}
      </span>
      <button type="button" className="btn" onClick={onRetry}>
        Try again
      </button>
    </p>
  );
}
