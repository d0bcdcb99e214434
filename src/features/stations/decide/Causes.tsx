import { inSentence } from "@/features/vocabulary/in-sentence";
import type { Cause } from "@/core/decision";
import { YesNo } from "@/components/Choice";
import { CAUSE_STATE_WORDS, CAUSE_WORDS } from "@/features/vocabulary/decision-words";
import { TEST_WORDS } from "@/features/vocabulary/words";
import type { InstrumentProps } from "../../station/contract";
import type { Detail } from "./words";

/** Why did it fail? Each cause with what is known of it; what no test shows is asked. */
export function Causes({ record, assessment, change }: Pick<InstrumentProps<"decide", Detail>, "record" | "assessment" | "change">) {
  const { causes } = assessment.detail;
  if (causes.length === 0) return null;
  const answer = (cause: Cause, isFound: boolean | null) =>
    change((r) => {
      const rest = Object.fromEntries(Object.entries(r.causes).filter(([id]) => id !== cause)) as typeof r.causes;
      return { ...r, causes: isFound === null ? rest : { ...rest, [cause]: isFound ? "found" : "cleared" } };
    });
  return (
    <section aria-labelledby="causes">
      <h2 id="causes" className="heading-rule">
        Why did it fail?
      </h2>
      <ul>
        {causes.map(({ cause, state, test }) => (
          <li key={cause} className="flex flex-wrap items-center justify-between gap-x-6 gap-y-1 border-b border-rule-faint py-2">
            <p className="min-w-0 flex-1 basis-56 text-[14px]">
              <b className="font-semibold">{CAUSE_WORDS[cause].name}</b>: {CAUSE_STATE_WORDS[state]}
              {state === "open" && test ? `; ${inSentence(TEST_WORDS[test])} would tell` : ""}.
              <span className="caption block">{CAUSE_WORDS[cause].ask}</span>
            </p>
            <YesNo
              legend={`${CAUSE_WORDS[cause].name} found`}
              value={record.causes[cause] === undefined ? null : record.causes[cause] === "found"}
              onValue={(isFound) => answer(cause, isFound)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}
