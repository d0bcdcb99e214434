import { differenceInCalendarDays, format, parseISO } from "date-fns";

/** Time of day of a moment, in the device's own zone. */
export function clockTime(moment: string): string {
  return moment === "" ? "" : format(parseISO(moment), "HH:mm");
}

/** Day and time as a person says it: today 14:02, yesterday 09:10, Monday 08:00, 3 Nov 2026. */
export function dayAndTime(moment: string, now: Date): string {
  const date = parseISO(moment);
  const days = differenceInCalendarDays(now, date);
  if (days === 0) return `today ${format(date, "HH:mm")}`;
  if (days === 1) return `yesterday ${format(date, "HH:mm")}`;
  if (days > 1 && days < 7) return format(date, "EEEE HH:mm");
  return format(date, "d MMM yyyy");
}

/** Full date and time for the printed page. */
export function fullMoment(moment: string): string {
  return format(parseISO(moment), "d MMM yyyy HH:mm");
}
