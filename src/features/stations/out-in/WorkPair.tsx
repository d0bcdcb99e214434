"use client";
import { DayField } from "@/components/DayField";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { dayWords } from "@/features/vocabulary/clock";
import { PartOut } from "./PartOut";
import { PartsIn } from "./PartsIn";
import type { PairProps } from "./props";
import { lackSentence, workTitle } from "./words";

/** What comes out and what goes in at one work. */
export function WorkPair(props: PairProps) {
  const { work, onWork, change } = props;
  const { action, exchange } = work;
  const lack = lackSentence(work);
  return (
    <section aria-labelledby={`pair-${action}`} className="flex flex-col gap-4">
      <div className="flex items-center gap-3">
        <h2 id={`pair-${action}`} className="heading-rule flex-1">
          {workTitle(action)}
        </h2>
        {work.isSpare ? (
          <button
            type="button"
            className="btn btn-plain"
            aria-label={`Strike ${inSentence(workTitle(action))}`}
            onClick={() =>
              change((r) => ({
                ...r,
                works: Object.fromEntries(Object.entries(r.works).filter(([id]) => id !== action)) as typeof r.works,
              }))
            }
          >
            Strike
          </button>
        ) : null}
      </div>
      <div className="grid gap-x-8 gap-y-5 lg:grid-cols-2">
        <PartOut {...props} />
        {exchange.isOldKept ? null : <PartsIn {...props} />}
      </div>
      {exchange.fittedAt === null ? (
        <label className="flex min-h-[44px] items-center gap-3 text-[15px]">
          <input
            type="checkbox"
            className="h-5 w-5 accent-press"
            checked={exchange.isOldKept}
            onChange={() => onWork((each) => ({ ...each, isOldKept: !each.isOldKept }))}
          />
          Keep the old one until the new one is here
        </label>
      ) : null}
      {exchange.isOldKept ? (
        <>
          <p className="border-l-4 border-close pl-3 text-[14px]">
            It runs on with a part that is known to be bad: say so to who runs it, and what to switch off for (smell, hum, trip).
          </p>
          <DayField
            label="New one expected on"
            day={exchange.expectedOn}
            onDay={(expectedOn) => onWork((each) => ({ ...each, expectedOn }))}
          >
            {exchange.expectedOn ? dayWords(exchange.expectedOn) : "No day yet: pick one, or it is forgotten."}
          </DayField>
        </>
      ) : null}
      {lack ? <p className="text-[14px] font-medium text-close">{lack}</p> : null}
    </section>
  );
}
