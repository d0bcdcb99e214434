import { BEARING_RULES } from "./groups/bearing";
import { CAPACITOR_RULES } from "./groups/capacitor";
import { DECISION_RULES } from "./groups/decision";
import { INSTRUMENTS_RULES } from "./groups/instruments";
import { KEEPING_RULES } from "./groups/keeping";
import { MATCH_RULES } from "./groups/match";
import { MONEY_RULES } from "./groups/money";
import { PRIORS_RULES } from "./groups/priors";
import { RETURNS_RULES } from "./groups/returns";
import { RUNNING_RULES } from "./groups/running";
import { SAFETY_RULES } from "./groups/safety";
import { TIME_RULES } from "./groups/time";
import { VERDICT_RULES } from "./groups/verdict";
import { WINDING_RULES } from "./groups/winding";
import type { HouseRule, NumberRule, RuleGroup, ValueOf } from "./rule";

/** Every house rule, by group, in the order they are shown. A new rule is a row in its group's file. */
export const HOUSE_RULE_GROUPS = {
  capacitor: CAPACITOR_RULES,
  verdict: VERDICT_RULES,
  safety: SAFETY_RULES,
  winding: WINDING_RULES,
  running: RUNNING_RULES,
  bearing: BEARING_RULES,
  money: MONEY_RULES,
  time: TIME_RULES,
  decision: DECISION_RULES,
  match: MATCH_RULES,
  instruments: INSTRUMENTS_RULES,
  keeping: KEEPING_RULES,
  returns: RETURNS_RULES,
  priors: PRIORS_RULES,
} as const satisfies Record<string, RuleGroup>;
export type HouseRuleGroup = keyof typeof HOUSE_RULE_GROUPS;

/** Every house rule. Keys are persisted: do not change one without a migration. */
export const HOUSE_RULES = {
  ...CAPACITOR_RULES,
  ...SAFETY_RULES,
  ...VERDICT_RULES,
  ...WINDING_RULES,
  ...RUNNING_RULES,
  ...BEARING_RULES,
  ...MONEY_RULES,
  ...TIME_RULES,
  ...DECISION_RULES,
  ...MATCH_RULES,
  ...INSTRUMENTS_RULES,
  ...KEEPING_RULES,
  ...RETURNS_RULES,
  ...PRIORS_RULES,
} as const;

export type HouseRuleId = keyof typeof HOUSE_RULES;
export const HOUSE_RULE_IDS = Object.keys(HOUSE_RULES) as HouseRuleId[];

/** What is in force: the house's own where it set it, else the default. */
export type HouseFigures = { readonly [Id in HouseRuleId]: ValueOf<(typeof HOUSE_RULES)[Id]> };

/** Rules that are plain figures. */
export type NumberRuleId = { [Id in HouseRuleId]: (typeof HOUSE_RULES)[Id] extends NumberRule ? Id : never }[HouseRuleId];

/**
 * A rule without its own types, for code that treats all alike.
 * @param id which rule
 * @returns its row
 */
export const houseRule = (id: HouseRuleId): HouseRule => HOUSE_RULES[id];

/**
 * Fills what the house did not set with the defaults; keys that no rule has are dropped.
 * @param own what the house set itself, each in the unit of its rule
 * @returns what is in force
 */
export function toHouseFigures(own: Readonly<Partial<HouseFigures>>): HouseFigures {
  const value = (id: HouseRuleId): unknown => own[id] ?? houseRule(id).fallback;
  // Each is the house's own value of that rule, or its default, which has the rule's kind.
  return Object.fromEntries(HOUSE_RULE_IDS.map((id) => [id, value(id)])) as unknown as HouseFigures;
}
