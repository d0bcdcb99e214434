/**
 * A day so many days later, by the calendar: no clock that is put forward or back, and no midnight that a zone leaves out,
 * makes it another one.
 * @param day `YYYY-MM-DD`
 * @param days whole days [d], negative for earlier
 * @returns the day, `YYYY-MM-DD`
 * @example dayAfter("2026-10-24", 7) -> "2026-10-31"
 */
export function dayAfter(day: string, days: number): string {
  const [year = 0, month = 1, date = 1] = day.split("-").map(Number);
  return new Date(Date.UTC(year, month - 1, date + days)).toISOString().slice(0, 10);
}
