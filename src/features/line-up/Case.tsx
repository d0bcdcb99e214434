import { lazy, memo, Suspense } from "react";
import type { CaseProps } from "./case-props";
import type { StopRow } from "./case-words";
import { LineUp } from "./LineUp";
import { NextMove } from "./NextMove";

const CameBack = lazy(async () => ({ default: (await import("./CameBack")).CameBack }));

/** The case: next move, line-up, and what it costs to stop now. */
export const Case = memo(function Case({
  words,
  names,
  onNames,
  finished,
  onGo,
  onFinish,
  onCameBack,
  onLeaveOut,
  cameBackAt,
  callbackOf,
}: CaseProps) {
  return (
    <div className="flex min-h-full flex-col gap-4">
      {cameBackAt.length > 0 || callbackOf !== null ? (
        <Suspense>
          <CameBack moments={cameBackAt} from={callbackOf} />
        </Suspense>
      ) : null}
      <NextMove
        words={words.next}
        names={names}
        onNames={onNames}
        finished={finished}
        onGo={onGo}
        onFinish={onFinish}
        onCameBack={onCameBack}
      />
      <LineUp words={words.lineUp} onLeaveOut={onLeaveOut} onGo={onGo} />
      <StopNow rows={words.stop} />
    </div>
  );
});

function StopNow({ rows }: { rows: readonly StopRow[] }) {
  if (rows.length === 0) return null;
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
          {rows.map(({ work, cost, cures }, index) => (
            <tr key={work} className={`border-b border-rule-faint ${index === 0 ? "font-bold" : ""}`}>
              <td className="py-1.5">{work}</td>
              <td className="num py-1.5 text-right text-[12.5px]">{cost}</td>
              <td className="num py-1.5 pl-3 text-right text-[12.5px]">{cures}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
