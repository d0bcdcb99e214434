import type { TravellerAssessment } from "@/core/traveller";
import { formatMoney, formatProbability } from "@/core/quantity";
import { workWords } from "../vocabulary/decision-words";
import { CameBack } from "./CameBack";
import type { CaseProps } from "./case-props";
import { LineUp } from "./LineUp";
import { NextMove } from "./NextMove";

/** The case: next move, line-up, and what it costs to stop now. */
export function Case({ assessment, whole, finished, onGo, onFinish, onCameBack, onLeaveOut, cameBackAt }: CaseProps) {
  return (
    <div className="flex min-h-full flex-col gap-4">
      <CameBack moments={cameBackAt} />
      <NextMove assessment={assessment} finished={finished} onGo={onGo} onFinish={onFinish} onCameBack={onCameBack} />
      <LineUp assessment={assessment} whole={whole} onLeaveOut={onLeaveOut} onGo={onGo} />
      <StopNow assessment={assessment} />
    </div>
  );
}

function StopNow({ assessment }: { assessment: TravellerAssessment }) {
  const shown = assessment.actions.slice(0, 3);
  if (shown.length === 0) return null;
  return (
    <section aria-labelledby="stop-now" className="mt-auto">
      <h2 id="stop-now" className="heading-rule text-[14px]">
        If you stopped now
        <span className="caption font-normal">cost · cures</span>
      </h2>
      <table className="w-full text-[13.5px]">
        <thead className="sr-only">
          <tr>
            <th>Action</th>
            <th>Cost</th>
            <th>Cures</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((offer, index) => (
            <tr key={`${offer.action} ${offer.also ?? ""}`} className={`border-b border-rule-faint ${index === 0 ? "font-bold" : ""}`}>
              <td className="py-1.5">{workWords(offer)}</td>
              <td className="num py-1.5 text-right text-[12.5px]">{formatMoney(offer.cost)}</td>
              <td className="num py-1.5 pl-3 text-right text-[12.5px]">{formatProbability(offer.cureProbability)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
