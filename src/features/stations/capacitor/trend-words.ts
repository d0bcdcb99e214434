import { formatNumber } from "@/core/quantity";
import type { Drift } from "@/core/capacitor";

const DAY_MS = 86_400_000;
const MONTH = new Intl.DateTimeFormat("en-GB", { month: "short", year: "numeric" });
const monthOf = (day: number): string => MONTH.format(new Date(day * DAY_MS));

/** Beyond this no interval from a handful of readings means anything. */
const FARTHEST_YEARS = 30;

/** The rate, and the date when the limit would be reached, as far as it can honestly be told. */
export function trendSentence(drift: Drift, now: Date): string {
  const rate = `${drift.perYearUf < 0 ? "It loses" : "It gains"} ${formatNumber(Math.abs(drift.perYearUf), 2)} ± ${formatNumber(drift.perYearExpandedUf, 2)} µF a year.`;
  const { crossing } = drift;
  if (!drift.isSure) return `${rate} The readings could hide a change of this size: no date can be told.`;
  const today = now.getTime() / DAY_MS;
  if (!crossing || crossing.fromDay > today + FARTHEST_YEARS * 365)
    return `${rate} It does not reach its limit within any time worth naming.`;
  const limit = `the limit of ${formatNumber(crossing.limitUf, 2)} µF`;
  if (crossing.toDay < today) return `${rate} It passed ${limit} between ${monthOf(crossing.fromDay)} and ${monthOf(crossing.toDay)}.`;
  const between =
    crossing.fromDay < today
      ? `between ${monthOf(crossing.fromDay)} and ${monthOf(crossing.toDay)}, so perhaps already`
      : `between ${monthOf(crossing.fromDay)} and ${monthOf(crossing.toDay)}`;
  return `${rate} It reaches ${limit} about ${monthOf(crossing.bestDay)} (${between}).`;
}
