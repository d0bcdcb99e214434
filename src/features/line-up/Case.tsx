import { formatMoney, formatProbability } from "@/core/quantity";
import type { StationId, TravellerAssessment } from "@/core/stations";
import { ACTION_WORDS, SUSPECT_WORDS } from "../vocabulary/words";
import { evidenceWords } from "./evidence";
import { nextMoveWords } from "./next-move-words";
import { isReadyToFinish } from "./ready-to-finish";

interface CaseProps {
  readonly assessment: TravellerAssessment;
  readonly isFinished: boolean;
  readonly onGo: (station: StationId, method?: string | null) => void;
  readonly onFinish: () => void;
}

/** The case: next move, line-up, and what it costs to stop now. */
export function Case({ assessment, isFinished, onGo, onFinish }: CaseProps) {
  return (
    <div className="flex min-h-full flex-col gap-4">
      <NextMove assessment={assessment} isFinished={isFinished} onGo={onGo} onFinish={onFinish} />
      <LineUp assessment={assessment} />
      <StopNow assessment={assessment} />
    </div>
  );
}

function NextMove({ assessment, isFinished, onGo, onFinish }: CaseProps) {
  if (isFinished) {
    return (
      <section aria-label="Next move" className="border-2 border-press p-3.5">
        <h2 className="text-[18px] font-bold">Signed off</h2>
        <p className="mt-1 text-[14px]">It is in the ledger. Open it again if it comes back.</p>
        <button type="button" className="btn mt-2" onClick={onFinish}>
          Put back on the rack
        </button>
      </section>
    );
  }
  if (isReadyToFinish(assessment)) {
    return (
      <section aria-label="Next move" className="bg-press p-3.5 text-press-ink">
        <p className="text-[12.5px] text-press-soft">Next move</p>
        <h2 className="text-[18px] font-bold">Sign off</h2>
        <p className="mt-1 text-[14px]">Decided and proved. Sign off to move it to the ledger; it can be opened again.</p>
        <button
          type="button"
          className="btn mt-2.5 border-press-ink bg-press-ink text-press hover:bg-press-wash hover:text-ink"
          onClick={onFinish}
        >
          Sign off
        </button>
      </section>
    );
  }
  const words = nextMoveWords(assessment);
  return (
    <section aria-label="Next move" className="bg-press p-3.5 text-press-ink">
      <p className="text-[12.5px] text-press-soft">Next move · {words.caption}</p>
      <h2 className="mt-0.5 text-[18px] font-bold">{words.title}</h2>
      <p className="mt-1 text-[14px]">{words.reason}</p>
      <button
        type="button"
        className="btn mt-2.5 border-press-ink bg-press-ink text-press hover:bg-press-wash hover:text-ink"
        onClick={() => onGo(words.target, words.method)}
      >
        {words.button}
      </button>
    </section>
  );
}

function LineUp({ assessment }: { assessment: TravellerAssessment }) {
  const { standing, findings, facts } = assessment;
  const shown = standing.suspects.filter(({ probability }, index) => index < 5 && probability >= 0.02);
  const known = findings.length + facts.complaints.length;
  return (
    <section aria-labelledby="line-up">
      <h2 id="line-up" className="heading-rule text-[14px]">
        Line-up
        <span className="caption font-normal">
          {known === 0 ? "before any finding" : `after ${known} ${known === 1 ? "finding" : "findings"}`}
        </span>
      </h2>
      <ol>
        {shown.map((standing) => {
          const { forIt, against } = evidenceWords(standing);
          return (
            <li key={standing.suspect} className="border-b border-rule-faint py-1.5 text-[14px]">
              <div className="flex items-baseline justify-between gap-2">
                <span>{SUSPECT_WORDS[standing.suspect]}</span>
                <span className="num text-[13.5px]">{formatProbability(standing.probability)}</span>
              </div>
              <div className="my-1 h-[5px] border-b border-rule" aria-hidden="true">
                <div className="h-full bg-ink" style={{ width: `${standing.probability * 100}%` }} />
              </div>
              {forIt.length > 0 || against.length > 0 ? (
                <p className="caption">
                  {[forIt.length > 0 ? `for: ${forIt.join(" · ")}` : null, against.length > 0 ? `against: ${against.join(" · ")}` : null]
                    .filter(Boolean)
                    .join(" · ")}
                </p>
              ) : null}
            </li>
          );
        })}
      </ol>
    </section>
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
          {shown.map(({ action, cost, cureProbability }, index) => (
            <tr key={action} className={`border-b border-rule-faint ${index === 0 ? "font-bold" : ""}`}>
              <td className="py-1.5">{ACTION_WORDS[action]}</td>
              <td className="num py-1.5 text-right text-[12.5px]">{formatMoney(cost)}</td>
              <td className="num py-1.5 pl-3 text-right text-[12.5px]">{formatProbability(cureProbability)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
