import { isDay, toMoment } from "@/core/kept";

/* From the browser itself: a formatter of our own or of a library would weigh on every start. */
const WEEKDAY = new Intl.DateTimeFormat("en-GB", { weekday: "long" });
const DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", year: "numeric" });

const DAY_MS = 86_400_000;
/** What stands where a moment cannot be read. */
const NO_DATE = "no date";
/** A moment as a date; null where it cannot be read: a stored value may be anything. */
const dateOf = (moment: string): Date | null => (toMoment(moment) === null ? null : new Date(moment));

const HOURS = new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit", hourCycle: "h23" });
const hours = (date: Date): string => HOURS.format(date);

/** Time of day of a moment, in the device's own zone. */
export function clockTime(moment: string): string {
  const date = dateOf(moment);
  return date ? hours(date) : "";
}

/** Day and time as a person says it: today 14:02, yesterday 09:10, Monday 08:00, 3 Nov 2026. */
export function dayAndTime(moment: string, now: Date): string {
  const date = dateOf(moment);
  if (!date) return NO_DATE;
  const days = (Date.parse(dayOf(now)) - Date.parse(dayOf(date))) / DAY_MS;
  if (days === 0) return `today ${hours(date)}`;
  if (days === 1) return `yesterday ${hours(date)}`;
  if (days > 1 && days < 7) return `${WEEKDAY.format(date)} ${hours(date)}`;
  return DAY.format(date);
}

/** Full date and time for the printed page. */
export function fullMoment(moment: string): string {
  const date = dateOf(moment);
  return date === null ? NO_DATE : `${DAY.format(date)} ${hours(date)}`;
}

const PLAIN = new Intl.DateTimeFormat("en-GB", { day: "2-digit", month: "2-digit", year: "numeric" });
/** Day of a moment in the device's own zone, `YYYY-MM-DD`. */
export function dayOf(moment: Date): string {
  const { year = "", month = "", day = "" } = Object.fromEntries(PLAIN.formatToParts(moment).map(({ type, value }) => [type, value]));
  return `${year.padStart(4, "0")}-${month}-${day}`;
}

/** Day a visit counts from: when it was signed off, else when it began. */
export const visitDayOf = ({ finishedAt, createdAt }: { readonly finishedAt: string | null; readonly createdAt: string }): string =>
  dayOf(dateOf(finishedAt ?? "") ?? dateOf(createdAt) ?? new Date(0));

const PLAIN_DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", year: "numeric", timeZone: "UTC" });
/** A plain date in words: 23 Feb 2027. */
export const dayWords = (date: string): string => (isDay(date) ? PLAIN_DAY.format(new Date(`${date}T00:00:00Z`)) : NO_DATE);

/** Day of a moment, for comparisons. */
export function clockDay(moment: string): string {
  const date = dateOf(moment);
  return date ? DAY.format(date) : NO_DATE;
}
