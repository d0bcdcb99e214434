import { HOUSE_RULES, type HouseRuleId } from "@/core/house";
import { formatNumber } from "@/core/quantity";
import type { RuleChange } from "@/records";
import { fullMoment } from "../vocabulary/clock";

const SHOWN = 12;

const figure = (value: number | null): string => (value === null ? "default" : formatNumber(value, 4));

/** Who set the rule last, and when. */
export const changedWords = ({ by, at }: RuleChange): string => `${by.trim() || "no name"}, ${fullMoment(at)}`;

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
              {HOUSE_RULES[change.rule as HouseRuleId]?.label ?? change.rule}:{" "}
              <span className="num">
                {figure(change.from)} → {figure(change.to)}
              </span>
              <span className="caption block">{changedWords(change)}</span>
            </li>
          ))}
      </ul>
    </section>
  );
}
