"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import { type ActionId } from "@/core/diagnosis";
import { formatMoney, formatProbability } from "@/core/quantity";
import { ACTION_WORDS } from "@/features/vocabulary/words";
import type { InstrumentProps } from "../contract";
import { type Detail, OPTIONS, partSentence } from "./words";

export default function Instrument({ record, assessment, change, weighed }: InstrumentProps<"decide", Detail>) {
  const { detail } = assessment;
  const [best, ...others] = weighed.proposals;
  const choose = (action: ActionId | null, reason?: string) =>
    change((r) => ({
      ...r,
      action,
      reason: reason ?? r.reason,
      decidedAt: action === null ? null : new Date().toISOString(),
    }));
  return (
    <FieldFlow className="flex flex-col gap-6">
      {best ? (
        <section aria-labelledby="proposal">
          <h2 id="proposal" className="heading-rule">
            Proposed
          </h2>
          <div className="flex flex-wrap items-center gap-x-5 gap-y-3 py-3">
            <div className="min-w-0 flex-1 basis-64">
              <p className="text-[19px] font-bold">{ACTION_WORDS[best.action]}</p>
              <p className="mt-1 text-[14px] text-ink-soft">{weighed.reason}</p>
              <p className="num mt-1 text-[13px]">
                costs {formatMoney(best.cost)} · cures {formatProbability(best.cureProbability)}
              </p>
            </div>
            <button type="button" className="btn btn-filled" onClick={() => choose(best.action, weighed.reason)}>
              Accept with this reason
            </button>
          </div>
          {others.length > 0 ? (
            <p className="caption">
              Also weighed:{" "}
              {others
                .slice(0, 3)
                .map(
                  ({ action, cost, cureProbability }) =>
                    `${ACTION_WORDS[action]} (${formatMoney(cost)}, cures ${formatProbability(cureProbability)})`,
                )
                .join("; ")}
              .
            </p>
          ) : null}
        </section>
      ) : null}
      <PickOne legend="Chosen action" options={OPTIONS} picked={record.action} onPick={(action) => choose(action)} />
      <NoteField label="Reason" text={record.reason} onText={(reason) => change((r) => ({ ...r, reason }))} />
      {detail.isReasonMissing ? (
        <p className="text-[14px] font-medium text-close">
          No reason yet. Type one line, or accept the proposed one: the next visit will want to know.
        </p>
      ) : null}
      <div role="status" aria-live="polite">
        {detail.part ? (
          <section aria-labelledby="part">
            <h2 id="part" className="heading-rule">
              Part needed
            </h2>
            <p className="pt-2 text-[17px]">{partSentence(detail.part)}</p>
          </section>
        ) : null}
      </div>
    </FieldFlow>
  );
}
