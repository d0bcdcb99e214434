/** Nothing of this trade is kept from before or after; a year of five digits is a slip. */
const FIRST_YEAR = 1970;
const LAST_YEAR = 2199;
export const FIRST_DAY = `${FIRST_YEAR}-01-01`;
export const LAST_DAY = `${LAST_YEAR}-12-31`;

/** Date, time and zone of ISO 8601, as any program may have written them. */
const TIMESTAMP = /^(\d{4})-(\d{2})-(\d{2})[T ](\d{2}):(\d{2})(?::(\d{2})(?:[.,](\d{1,9}))?)?(?:(Z)|([+-])(\d{2})(?::?(\d{2}))?)$/;
const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;

const isYear = (year: number): boolean => year >= FIRST_YEAR && year <= LAST_YEAR;

/** Milliseconds of a day that exists; NaN for 31 February. */
function dayMs(year: number, month: number, day: number): number {
  const ms = Date.UTC(year, month - 1, day);
  const date = new Date(ms);
  return isYear(year) && date.getUTCMonth() === month - 1 && date.getUTCDate() === day ? ms : NaN;
}

/** Nearly every moment that is read was written by this program: one look is enough. */
const FORM_LENGTH = "2026-11-23T18:00:00.000Z".length;
function isInForm(text: string): boolean {
  if (text.length !== FORM_LENGTH || !text.endsWith("Z")) return false;
  const date = new Date(text);
  return Number.isFinite(date.getTime()) && date.toISOString() === text && isYear(date.getUTCFullYear());
}

/**
 * The one form in which a moment is kept: UTC, to the millisecond.
 * @param text ISO 8601 with any zone
 * @returns null where it is no moment, or none of the years 1970 to 2199
 * @source ISO 8601-1, 5.4
 * @example toMoment("2026-11-23T18:00:00+01:00") -> "2026-11-23T17:00:00.000Z"
 */
export function toMoment(text: string): string | null {
  if (isInForm(text)) return text;
  const match = TIMESTAMP.exec(text);
  if (!match) return null;
  const [, year, month, day, hour, minute, second = "0", fraction = "", , sign, zoneHour = "0", zoneMinute = "0"] = match;
  const [h, m, s, zh, zm] = [hour, minute, second, zoneHour, zoneMinute].map(Number) as [number, number, number, number, number];
  if (h > 23 || m > 59 || s > 59 || zh > 23 || zm > 59) return null;
  const zoneMin = (sign === "-" ? -1 : 1) * (zh * 60 + zm);
  const ms =
    dayMs(Number(year), Number(month), Number(day)) +
    ((h * 60 + m - zoneMin) * 60 + s) * 1000 +
    Number(fraction.padEnd(3, "0").slice(0, 3));
  if (!Number.isFinite(ms) || !isYear(new Date(ms).getUTCFullYear())) return null;
  return new Date(ms).toISOString();
}

/**
 * Whether a text is a day of the calendar, `YYYY-MM-DD`, of the years 1970 to 2199.
 * @param text as it was keyed or printed
 * @returns true for a day of the calendar
 */
export function isDay(text: string): boolean {
  const match = DAY.exec(text);
  return match !== null && Number.isFinite(dayMs(Number(match[1]), Number(match[2]), Number(match[3])));
}

/**
 * Which of two moments is later, whatever their zone; one that cannot be read is before all others.
 * @param a a moment
 * @param b another moment
 * @returns below 0: the first is earlier; above 0: later; 0: the same instant
 */
export function compareMoments(a: string, b: string): number {
  const [first, second] = [toMoment(a) ?? "", toMoment(b) ?? ""];
  return first === second ? 0 : first < second ? -1 : 1;
}

/** Before every moment anybody keys: what has not been changed yet. */
export const EPOCH = "1970-01-01T00:00:00.000Z";
