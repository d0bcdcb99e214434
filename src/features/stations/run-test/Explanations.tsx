import { stateOfBehaviour, type Behaviour, type Explanation } from "@/core/motor";
import { QUANTITY_OF, type ModelField, type RunRow } from "@/core/stations/run-test";
import { FIELD_WORDS, faultWords, fitWord, rangeWords } from "./words";

const FIT_WORDS = { fits: "Fits", possible: "Possible", hardly: "Hardly" } as const;
/** More than these are not read at a motor. */
const MOST = 6;

interface ExplanationsProps {
  readonly explanations: readonly Explanation[];
  readonly behaviour: Behaviour | null;
  /** the figures that were measured: only they are held against each fault */
  readonly rows: readonly RunRow[];
}

/** Which faults would produce what was measured, in order, each with the figures it would make. */
export function Explanations({ explanations, behaviour, rows }: ExplanationsProps) {
  const state = stateOfBehaviour(behaviour);
  const fields = rows.flatMap(({ field, value }) => (value !== null && field !== "supplyVolts" && field !== "shell" ? [field] : []));
  const asked: readonly ModelField[] = fields.length > 0 ? fields : ["lineAmps"];
  return (
    <section aria-labelledby="explains">
      <h2 id="explains" className="caption mb-1">
        What would make these figures
      </h2>
      <ol className="border-t border-rule">
        {explanations.slice(0, MOST).map((explanation) => {
          const expected = explanation.expected[state];
          const figures = asked.flatMap((field) => {
            const range = expected[QUANTITY_OF[field]];
            const isAgainst = explanation.against.includes(QUANTITY_OF[field]);
            return range ? [{ field, words: rangeWords(field, range), isAgainst }] : [];
          });
          return (
            <li key={faultWords(explanation.fault)} className="flex flex-wrap items-baseline gap-x-4 border-b border-rule-faint py-2">
              <span className={`w-[72px] shrink-0 text-[13.5px] ${fitWord(explanation) === "fits" ? "font-bold" : "text-ink-soft"}`}>
                {FIT_WORDS[fitWord(explanation)]}
              </span>
              <span className="min-w-0 flex-1 basis-60 text-[15.5px]">{faultWords(explanation.fault)}</span>
              <span className="num w-full text-[13.5px] text-ink-soft sm:w-auto sm:text-right">
                {figures.length === 0
                  ? "would not run"
                  : figures.map(({ field, words, isAgainst }, index) => (
                      <span key={field} className={isAgainst ? "text-out" : undefined}>
                        {index > 0 ? " · " : ""}
                        <span className="sr-only">{FIELD_WORDS[field]} </span>
                        {words}
                        {isAgainst ? " (not this)" : ""}
                      </span>
                    ))}{" "}
                expected
              </span>
            </li>
          );
        })}
      </ol>
      <p className="mt-2 text-[13.5px] text-ink-soft">
        By the figures alone; how common each fault is, and what else was found, is weighed in the Line-up.
      </p>
    </section>
  );
}
