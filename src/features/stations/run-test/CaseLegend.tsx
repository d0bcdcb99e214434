import { CASE_STYLE } from "./case-style";
import type { ShownCase } from "./what-if-cases";
import { caseWords } from "./what-if-words";

/** Which line is which case. */
export function CaseLegend({ cases }: { cases: readonly ShownCase[] }) {
  return (
    <ul className="flex flex-wrap gap-x-6 gap-y-1.5 text-[14px]">
      {cases.map((each) => {
        const { stroke, width, dashes } = CASE_STYLE[each.id];
        return (
          <li key={each.id} className="flex items-center gap-2">
            <svg viewBox="0 0 46 8" className="h-2 w-[46px]" aria-hidden="true">
              <path d="M1 4H45" stroke={stroke} strokeWidth={width} strokeDasharray={dashes} />
            </svg>
            {caseWords(each)}
          </li>
        );
      })}
      <li className="flex items-center gap-2">
        <svg viewBox="0 0 46 8" className="h-2 w-[46px]" aria-hidden="true">
          <path d="M1 4H45" stroke="var(--ink-soft)" strokeWidth="1.6" strokeDasharray="1 3" />
        </svg>
        Load
      </li>
    </ul>
  );
}
