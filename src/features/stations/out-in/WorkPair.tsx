"use client";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { Fields } from "@/features/form/Fields";
import { EXCHANGE_ROWS } from "./fields";
import { PartOut } from "./PartOut";
import { PartsIn } from "./PartsIn";
import type { PairProps } from "./props";
import { lackSentence, workTitle } from "./words";

/** What comes out and what goes in at one work. */
export function WorkPair(props: PairProps) {
  const { work, onWork, change } = props;
  const { action, exchange } = work;
  const lack = lackSentence(work);
  const given = { record: exchange, change: onWork };
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
      <Fields of={EXCHANGE_ROWS} show={["isOldKept"]} given={given} />
      {exchange.isOldKept ? (
        <>
          <p className="border-l-4 border-close pl-3 text-[14px]">
            It runs on with a part that is known to be bad: say so to who runs it, and what to switch off for (smell, hum, trip).
          </p>
          <Fields of={EXCHANGE_ROWS} show={["expectedOn"]} given={given} />
        </>
      ) : null}
      {lack ? <p className="text-[14px] font-medium text-close">{lack}</p> : null}
    </section>
  );
}
