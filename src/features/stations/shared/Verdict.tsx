import type { Assessment } from "@/core/station";
import { Stamp } from "@/components/Stamp";
import { STAMP_WORDS } from "@/features/vocabulary/list-words";
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
}

const UNSURE = "Nothing is concluded from it until you say which is meant.";

/** Stamp, deciding figure, sentences in words, and the sum behind them. Read out when it changes. */
export function Verdict({ assessment, word, figure, sentences, more }: VerdictProps) {
  const isUnsure = assessment.stamp === "unsure";
  const [first, ...rest] = isUnsure ? [UNSURE, ...sentences] : sentences;
  return (
    <div className="min-w-0">
      <div role="status" aria-live="polite">
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <Stamp tone={assessment.stamp} isLarge>
            {word ?? (isUnsure ? "Not sure of this figure" : STAMP_WORDS[assessment.stamp])}
          </Stamp>
          {figure ? <span className="num text-[15px]">{figure}</span> : null}
        </div>
        {first ? <p className="mt-3 max-w-[60ch] text-[17px]">{first}</p> : null}
        {rest.map((sentence) => (
          <p key={sentence} className="verdict-rest mt-2 max-w-[64ch] text-[14px] text-ink-soft">
            {sentence}
          </p>
        ))}
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
