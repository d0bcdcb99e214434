"use client";
import { PageLink } from "@/components/PageLink";
import { houseRule, type HouseFigures, type HouseRuleId } from "@/core/house";
import { useHouse } from "@/store/house-rules";
import { rulesAt } from "./rules-at";
import type { JudgedBy } from "./rules-behind";
import { valueWords } from "../vocabulary/rule-words";

/** The way to a rule and back to where the person was. */
export const ruleHref = (rule: HouseRuleId, from: string): string => `/house-rules?${new URLSearchParams({ rule, from }).toString()}`;

/** House rules behind what is shown, each with what it stands at; a press opens it, and it comes back here. */
export function RuleLinks({ judgedBy, house }: { judgedBy: JudgedBy; house: { readonly figures: HouseFigures } }) {
  const rules = rulesAt(judgedBy);
  if (rules.length === 0) return null;
  const from = `${window.location.pathname}${window.location.search}`;
  return (
    <section aria-label="House rules behind it" className="text-[14px]">
      <h3 className="heading-rule text-[14px]">House rules behind it</h3>
      <ul>
        {rules.map((id) => {
          const rule = houseRule(id);
          const unit = rule.kind === "number" && rule.unit ? ` ${rule.unit}` : "";
          return (
            <li key={id} className="border-b border-rule-faint">
              <PageLink href={ruleHref(id, from)} className="flex min-h-[44px] items-center justify-between gap-4 py-1 hover:bg-press-wash">
                <span className="text-press underline">{rule.label}</span>
                <span className="num text-[13px] whitespace-nowrap">
                  {valueWords(rule, house.figures[id])}
                  {unit}
                </span>
              </PageLink>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** The same with the rules in force. */
export function RulesInForce({ judgedBy }: { judgedBy: JudgedBy }) {
  const house = useHouse();
  return house ? <RuleLinks judgedBy={judgedBy} house={house} /> : null;
}
