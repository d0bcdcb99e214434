import { stateOfBehaviour, type Behaviour, type Explanation } from "@/core/motor";
import { QUANTITY_OF, type ModelField, type RunRow } from "@/core/stations/run-test";
import { faultWords, figureWords, fitWord, rangeWords, SHORT_WORDS } from "./words";

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
  const fields = rows.flatMap(({ field, value }) =>
    value !== null && field !== "supplyVolts" && field !== "shell" && field !== "coastDown" ? [field] : [],
  );
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
            const row = rows.find((each) => each.field === field);
            const measured = row && explanation.against.includes(QUANTITY_OF[field]) ? figureWords(row) : null;
            return range ? [{ field, words: rangeWords(field, range), measured }] : [];
          });
          return (
            <li key={faultWords(explanation.fault)} className="grid grid-cols-[76px_1fr] items-baseline border-b border-rule-faint py-2">
              <span className={`text-[13.5px] ${fitWord(explanation) === "fits" ? "font-bold" : "text-ink-soft"}`}>
                {FIT_WORDS[fitWord(explanation)]}
              </span>
              <span className="min-w-0">
                <span className="block text-[15.5px]">{faultWords(explanation.fault)}</span>
                <span className="block text-[13.5px] text-ink-soft">
                  {figures.length === 0 ? "would not run" : "expected: "}
                  {figures.map(({ field, words, measured }, index) => (
                    <span key={field} className={measured ? "text-out" : undefined}>
                      {index > 0 ? " · " : ""}
                      <span className="num">{words}</span> {SHORT_WORDS[field]}
                      {measured ? `, but ${measured} measured` : ""}
                    </span>
                  ))}
                </span>
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
