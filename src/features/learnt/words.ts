import type { Offer, WorkOutcome, Rate } from "@/core/learnt";
import { formatNumber } from "@/core/quantity";
import type { Suspect } from "@/core/trade";
import type { RuleChange } from "@/records";
import { inSentence } from "../vocabulary/in-sentence";
import { SUSPECT_WORDS } from "../vocabulary/words";

const percent = (share: number): string => formatNumber(share * 100, 0);

/** An interval as it is read aloud: both ends, and how much of what is likely lies within. */
export const rateWords = ({ low, high }: Pick<Rate, "low" | "high">): string => `${percent(low)}–${percent(high)} % at 90 %`;

/** What came of works of one sort, in one line. */
export function outcomeWords({ done, back, young, returns }: WorkOutcome): string {
  const judged = returns.cases === 0 ? "none old enough to say" : `${back} came back: ${rateWords(returns)}`;
  return `${done} done, ${judged}${young > 0 && returns.cases > 0 ? `; ${young} too young to count` : ""}`;
}

/** Why a rule would change, by what was counted. */
export function offerWhy({ kind, cases, rate, usualShare, of }: Offer): string {
  switch (kind) {
    case "returns":
      return `${cases} old enough to say, ${rate?.hits ?? 0} came back${rate ? ` (${rateWords(rate)})` : ""}; the table says ${percent(usualShare ?? 0)} %`;
    case "minutes":
      return `${cases} jobs whose minutes are known`;
    case "prior":
      return `${rate?.hits ?? 0} of ${cases} clear cases were ${inSentence(SUSPECT_WORDS[of as Suspect])}${rate ? ` (${rateWords(rate)})` : ""}; the tables expect ${percent(usualShare ?? 0)} % among these motors`;
  }
}

/** What a rule said before it was set to what it says now, by the changes that are kept; null: the default. */
export function beforeTaken({ rule, now }: Pick<Offer, "rule" | "now">, changes: readonly RuleChange[]): number | null {
  const last = changes.findLast((change) => change.rule === rule);
  return last?.to === now && typeof last.from === "number" ? last.from : null;
}
