import type { HouseRule, RuleValue } from "@/core/house";
import { formatNumber } from "@/core/quantity";
import type { RuleChange } from "@/records";
import { fullMoment } from "./clock";

/** Who set the rule last, and when. */
export const changedWords = ({ by, at }: RuleChange): string => `${by.trim() || "no name"}, ${fullMoment(at)}`;

/** A figure of a rule as it is read, with a true minus. */
export const figureWords = (value: number): string => formatNumber(value, 4).replace("-", "−");

/** A rule's value as a person reads it; null: the default holds. A value of a rule that is no more stands as it was kept. */
export function valueWords(rule: HouseRule | undefined, value: RuleValue | null): string {
  if (value === null) return "default";
  if (typeof value === "boolean") return value ? "yes" : "no";
  if (typeof value === "number") return figureWords(value);
  const option = rule?.kind === "choice" ? rule.options.find(({ id }) => id === value) : undefined;
  return option?.label.toLowerCase() ?? value;
}

/** What stands under a rule: whose value holds, and where the default comes from. */
export function hintWords(rule: HouseRule, own: RuleValue | undefined, changed: RuleChange | null): string {
  const usual = `${valueWords(rule, rule.fallback)}: ${rule.source}`;
  if (own === undefined) return `Default ${usual}`;
  const whose = rule.kind === "number" ? "House figure" : "The house's own";
  return `${whose}${changed ? `, set by ${changedWords(changed)}` : ""}; default ${usual}`;
}
