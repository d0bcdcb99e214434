export {
  HOUSE_RULE_GROUPS,
  HOUSE_RULE_IDS,
  HOUSE_RULES,
  houseRule,
  toHouseFigures,
  type HouseFigures,
  type HouseRuleGroup,
  type HouseRuleId,
  type NumberRuleId,
} from "./rules";
export type { ChoiceRule, HouseRule, NumberRule, RuleValue, YesNoRule } from "./rule";
export { holdsHere, type ReturnsRuleId } from "./returned";
export { watchedFigures } from "./watched";
export { DEFAULT_METER } from "./default-meter";
