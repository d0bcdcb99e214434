"use client";
import { PickOne } from "@/components/Choice";
import { FieldFlow } from "@/components/FieldFlow";
import { NoteField } from "@/components/LineField";
import { ACTIONS, type ActionId } from "@/core/diagnosis";
import type { NeededCapacitor } from "@/core/capacitor";
import { formatMoney, formatNumber, formatProbability, formatQuantity } from "@/core/quantity";
import type { STATIONS } from "@/core/stations";
import { ACTION_WORDS } from "@/features/vocabulary/words";
import type { InstrumentProps, StationView } from "../contract";

type Detail = ReturnType<(typeof STATIONS)["decide"]["assess"]>["detail"];

const OPTIONS = ACTIONS.map((id) => ({ id, label: ACTION_WORDS[id] }));

function partSentence(part: NeededCapacitor): string {
  const values = part.sectionsUf.map((uf) => formatNumber(uf, 2)).join(" + ");
  const volts =
    part.atLeastV === null
      ? "volts as on the part taken out or higher"
      : `${formatQuantity("voltage", part.atLeastV)} or higher, never lower`;
  return `${values} µF ${part.kind} capacitor, ${volts}; same hertz; it must fit the strap. Asked by the ${part.asked === "plate" ? "motor plate" : "label of the part taken out"}.`;
}

function sentences(record: { action: ActionId | null; reason: string }, detail: Detail): string[] {
  if (record.action === null) return [];
  return [
    `${ACTION_WORDS[record.action]}.${record.reason.trim() ? ` ${record.reason.trim()}` : ""}`,
    ...(detail.part ? [`Part: ${partSentence(detail.part)}`] : []),
  ];
}

function Instrument({ record, assessment, change, weighed }: InstrumentProps<"decide", Detail>) {
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

export const decideView: StationView<"decide", Detail> = {
  title: "Decide",
  letter: "d",
  brief: ({ detail }) => (detail.action ? "Decided" : null),
  say: (record, { detail }) => sentences(record, detail),
  Instrument,
};
