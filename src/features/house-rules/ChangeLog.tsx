import { HOUSE_RULE_IDS, houseRule, type HouseRule } from "@/core/house";
import type { RuleChange } from "@/records";
import { changedWords, valueWords } from "../vocabulary/rule-words";

const SHOWN = 12;

/** A rule as it is now; undefined: there is none of that name any more. */
function ruleNamed(name: string): HouseRule | undefined {
  const id = HOUSE_RULE_IDS.find((each) => each === name);
  return id && houseRule(id);
}

/** The last changes of the house rules, the newest first; all of them are in the export. */
export function ChangeLog({ changes }: { changes: readonly RuleChange[] }) {
  return (
    <section aria-label="Changes of rules">
      <h2 className="heading-rule">
        Changes <span className="caption font-normal">{changes.length === 0 ? "none" : changes.length}</span>
      </h2>
      <ul>
        {changes
          .slice(-SHOWN)
          .reverse()
          .map((change) => (
            <li key={`${change.rule} ${change.at}`} className="border-b border-rule-faint py-1.5 text-[13.5px]">
              {ruleNamed(change.rule)?.label ?? change.rule}:{" "}
              <span className="num">
                {valueWords(ruleNamed(change.rule), change.from)} → {valueWords(ruleNamed(change.rule), change.to)}
              </span>
              <span className="caption block">{changedWords(change)}</span>
            </li>
          ))}
      </ul>
    </section>
  );
}
