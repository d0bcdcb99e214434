import { HOUSE_RULE_GROUPS, type HouseRuleId } from "@/core/house";
import type { StationId } from "@/core/stations";
import type { JudgedBy } from "./rules-behind";

/** Stations whose figures come from the whole card, and the groups of rules they come from. */
const OF_THE_CARD: Partial<Record<StationId, readonly (keyof typeof HOUSE_RULE_GROUPS)[]>> = { decide: ["money", "time", "decision"] };

/** The rules behind a station's figures: those it read itself, and those of the card it shows. */
export function rulesAt({ station, rules }: JudgedBy): readonly HouseRuleId[] {
  const groups = OF_THE_CARD[station];
  return groups ? [...new Set([...rules, ...groups.flatMap((group) => Object.keys(HOUSE_RULE_GROUPS[group]) as HouseRuleId[])])] : rules;
}
