export { HOUSE_RULES, HOUSE_RULE_IDS, toHouseFigures, type HouseFigures, type HouseRuleId, type HouseRuleSpec } from "./rules";
export { DEFAULT_METER } from "./default-meter";
