import { useState } from "react";
import { Stamp as StampShape } from "@/components/Stamp";
import { useSame } from "@/components/useSame";
import type { Assessment, Stamp } from "@/core/station";
import { STAMP_WORDS } from "@/features/vocabulary/stamp-words";
import { WorkingButton } from "@/features/working/WorkingButton";

interface VerdictProps {
  readonly assessment: Assessment;
  readonly word?: string | null;
  /** beside the stamp, the figure that decides */
  readonly figure?: string | null;
  /** what was measured and what it means; the first is set large */
  readonly sentences: readonly string[];
  /** further buttons beside Working */
  readonly more?: React.ReactNode;
  /** the answer to what was keyed last is being worked out */
  readonly isWaiting?: boolean;
}

const WAITING = "Working it out";
const UNSURE = "Nothing is concluded from it until you say which is meant.";

/** What is shown of a verdict. */
interface Shown {
  readonly tone: Stamp;
  readonly word: string;
  readonly figure: string | null;
  readonly sentences: readonly string[];
}

/** While the next answer is worked out the last one stands, greyed: nothing jumps, and nobody takes it for the new one. */
function useStanding(value: Shown, isWaiting: boolean): { readonly shown: Shown; readonly isOld: boolean } {
  const now = useSame(value);
  const [last, setLast] = useState(isWaiting ? null : now);
  if (!isWaiting && last !== now) setLast(now);
  return isWaiting && last !== null ? { shown: last, isOld: true } : { shown: now, isOld: false };
}

/** Stamp, deciding figure, sentences in words, and the sum behind them. Read out when it changes. */
export function Verdict({ assessment, word, figure = null, sentences, more, isWaiting = false }: VerdictProps) {
  const isUnsure = assessment.stamp === "unsure";
  const { shown, isOld } = useStanding(
    {
      // What is not worked out yet has no verdict's colour.
      tone: isWaiting ? "open" : assessment.stamp,
      word: isWaiting ? WAITING : (word ?? (isUnsure ? "Not sure of this figure" : STAMP_WORDS[assessment.stamp])),
      figure,
      sentences: isUnsure ? [UNSURE, ...sentences] : sentences,
    },
    isWaiting,
  );
  const [first, ...rest] = shown.sentences;
  return (
    <div className="min-w-0">
      <div role="status" aria-live="polite" aria-busy={isWaiting}>
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <span className={isOld ? "opacity-50" : ""}>
            <StampShape tone={shown.tone} isLarge>
              {shown.word}
            </StampShape>
          </span>
          {shown.figure ? <span className={`num text-[15px] ${isOld ? "opacity-50" : ""}`}>{shown.figure}</span> : null}
          {isOld ? <span className="caption">{WAITING}; this is of before</span> : null}
        </div>
        <div className={isOld ? "opacity-50" : ""}>
          {first ? <p className="mt-3 max-w-[60ch] text-[17px]">{first}</p> : null}
          {rest.map((sentence) => (
            <p key={sentence} className="verdict-rest mt-2 max-w-[64ch] text-[14px] text-ink-soft">
              {sentence}
            </p>
          ))}
        </div>
      </div>
      {assessment.working.length > 0 || more ? (
        <div className="verdict-rest mt-3 flex flex-wrap gap-2">
          {assessment.working.length > 0 ? <WorkingButton steps={assessment.working} /> : null}
          {more}
        </div>
      ) : null}
    </div>
  );
}
