import type { ProofRow } from "@/core/stations/prove";
import { RUN_FIELD_WORDS } from "@/features/vocabulary/run-words";
import { figureWords } from "./words";

/** Length of a figure against the larger of its pair. */
const share = (value: number, { before, after }: ProofRow): number => value / Math.max(before ?? 0, after ?? 0, 1e-9);

/** Every other figure that has both sides, as a pair of bars on a scale of its own. */
export function ProofPairs({ rows }: { rows: readonly ProofRow[] }) {
  const pairs = rows.filter(({ field, before, after }) => field !== "lineAmps" && before !== null && after !== null);
  if (pairs.length === 0) return null;
  return (
    <section aria-label="Other figures, before and after">
      <ul className="grid gap-x-6 gap-y-2.5 sm:grid-cols-2">
        {pairs.map((row) => (
          <li key={row.field} className="text-[13.5px]">
            <p className="flex justify-between gap-3">
              <span>{RUN_FIELD_WORDS[row.field]}</span>
              <span className="num">
                {figureWords(row, "before")} → {figureWords(row, "after")}
              </span>
            </p>
            <div aria-hidden="true" className="mt-1 flex flex-col gap-[3px]">
              <div className="h-[7px] border border-ink-soft bg-rule-faint" style={{ width: `${100 * share(row.before ?? 0, row)}%` }} />
              <div className="h-[7px] bg-press" style={{ width: `${100 * share(row.after ?? 0, row)}%` }} />
            </div>
          </li>
        ))}
      </ul>
    </section>
  );
}
