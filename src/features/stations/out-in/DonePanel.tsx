"use client";
import { TickTimes } from "@/components/TickTimes";
import { isMend, MEND_TABLE } from "@/core/job";
import { clockTime } from "@/features/vocabulary/clock";
import { doneWords } from "@/features/vocabulary/done-words";
import { MEND_PROOF_WORDS } from "@/features/vocabulary/end-words";
import { toggleMoment } from "@/features/form/toggle-moment";
import type { Props } from "./props";

/** What the work takes, and what shows that it was right. */
const labelOf = (work: Props["assessment"]["detail"]["mends"][number]["work"]): string =>
  isMend(work)
    ? `${doneWords(work)} · ${MEND_TABLE[work].minutes} min · shown by: ${MEND_PROOF_WORDS[MEND_TABLE[work].proof]}`
    : doneWords(work);

/** Works that need no part, a press each with its moment: what is read later is read after them. */
export function DonePanel({ record, assessment, change }: Props) {
  const { mends } = assessment.detail;
  const shown = mends.filter(({ isDecided, at }) => isDecided || at !== null);
  const others = mends.filter((each) => !shown.includes(each));
  const list = (legend: string, rows: typeof mends) => (
    <TickTimes
      legend={legend}
      steps={rows.map(({ work }) => ({ id: work, label: labelOf(work) }))}
      times={record.done}
      show={clockTime}
      onToggle={(id) => change((r, at) => ({ ...r, done: toggleMoment(r.done, id, at) }))}
    />
  );
  return (
    <section aria-labelledby="done-without" className="flex flex-col gap-3">
      <h2 id="done-without" className="heading-rule">
        Done without a part
      </h2>
      {shown.length > 0 ? list("Tick what was done, when it was done", shown) : null}
      <details>
        <summary className="min-h-[44px] cursor-pointer py-2 text-[15px] font-semibold text-press">
          {shown.length > 0 ? "Something else was done too" : "Something was done without a part"}
        </summary>
        {list("Works that need no part", others)}
      </details>
    </section>
  );
}
