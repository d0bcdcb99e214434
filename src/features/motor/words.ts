import { dayOf, dayWords } from "../vocabulary/clock";
import { FOLLOWED_WORDS } from "../vocabulary/followed-words";
import type { Strip, StripPoint } from "./strips";

const DAY_MS = 86_400_000;

/** One point in words: what, when in the visit, and whether it is out. */
export const pointWords = ({ of, value, when, isOut, isCorrected }: StripPoint): string =>
  [
    `${FOLLOWED_WORDS[of].name} ${FOLLOWED_WORDS[of].figure(value)}`,
    when === "after" ? "after the repair" : "",
    isOut ? "out" : "",
    isCorrected ? "" : "its temperature not noted",
  ]
    .filter(Boolean)
    .join(", ");

const month = (day: number): string => dayWords(dayOf(new Date(day * DAY_MS))).replace(/^\d+ /, "");

/** When a limit is likely reached. */
export const crossingWords = ({ fromDay, toDay, bestDay }: NonNullable<Strip["crossing"]>): string =>
  Number.isFinite(toDay) ? `at its limit ${month(fromDay)} to ${month(toDay)}` : `at its limit about ${month(bestDay)}`;

const NUMBERS = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];

/** How many visits, since when. */
export function visitsTitle(count: number, first: string): string {
  const number = NUMBERS[count] ?? String(count);
  const since = dayWords(dayOf(new Date(first))).replace(/^\d+ /, "");
  return `${number.charAt(0).toUpperCase()}${number.slice(1)} ${count === 1 ? "visit" : "visits"} since ${since}`;
}
