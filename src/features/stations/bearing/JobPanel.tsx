"use client";
import { inSentence } from "@/features/vocabulary/in-sentence";
import { formatMoney, formatNumber, formatProbability } from "@/core/quantity";
import { Fields } from "@/features/form/Fields";
import { ROWS } from "./fields";
import { Verdict } from "../shared/Verdict";
import type { PanelProps } from "./props";
import { LOSS_WORDS, TOOL_WORDS } from "./panel-words";
import { bothSentence, jobSentence, REPAIR_WORDS } from "./words";

/** The whole job: parts, minutes, tools, what it spends; the decision weighs it as it is put together here. */
export function JobPanel(props: PanelProps) {
  const { assessment, house } = props;
  const { detail } = assessment;
  const { job } = detail;
  const most = Math.max(job.cost, job.motorCost, 1);
  const rows = [
    { name: "Bearing job", cost: job.cost, minutes: job.minutes },
    { name: "Another motor, fitted", cost: job.motorCost, minutes: house.figures.motorMinutes },
  ];
  return (
    <>
      <div className="flex flex-wrap items-end gap-x-8 gap-y-4">
        <Fields of={ROWS} show={["both", "tier"]} given={props} />
        <div className="w-44">
          <Fields of={ROWS} show={["price"]} given={props} />
        </div>
      </div>
      <p className="text-[14px] text-ink-soft">{bothSentence(detail.both)}</p>
      <section aria-label="Against another motor">
        <ul className="flex flex-col gap-2.5">
          {rows.map(({ name, cost, minutes }) => (
            <li key={name} className="text-[14px]">
              <p className="flex flex-wrap justify-between gap-x-4">
                <span>{name}</span>
                <span className="num">
                  {formatMoney(cost)}, {formatNumber(minutes, 0)} min
                </span>
              </p>
              <div aria-hidden="true" className="mt-1 h-3 bg-press" style={{ width: `${(100 * cost) / most}%` }} />
            </li>
          ))}
        </ul>
      </section>
      <Verdict
        assessment={{ ...assessment, stamp: "noted" }}
        sentences={[
          jobSentence(detail),
          `Holds with ${formatProbability(job.holds)} where the bearing is the fault.`,
          ...detail.repairs.map((id) => `With it: ${inSentence(REPAIR_WORDS[id].name)}. ${REPAIR_WORDS[id].honest}`),
        ]}
      />
      <div className="grid gap-6 sm:grid-cols-2">
        <List title="Tools" rows={job.tools.map((id) => TOOL_WORDS[id])} />
        <List title="Cannot be undone" rows={job.losses.map((id) => LOSS_WORDS[id])} />
      </div>
      <p className="caption">At the prices and minutes of House rules. Decide weighs the job as it is put together here.</p>
    </>
  );
}

function List({ title, rows }: { title: string; rows: readonly string[] }) {
  return (
    <section>
      <h2 className="heading-rule">{title}</h2>
      <ul className="mt-1 list-disc pl-5 text-[14px]">
        {rows.map((row) => (
          <li key={row} className="py-0.5">
            {row}
          </li>
        ))}
      </ul>
    </section>
  );
}
