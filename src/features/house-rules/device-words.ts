import { differenceInCalendarDays } from "date-fns";
import { dayOf, dayWords } from "../vocabulary/clock";

/** Browsers by how they put a page among the device's own programs. */
const BY_HAND = [
  {
    is: /iPad|iPhone|iPod|Macintosh.*Mobile/,
    says: "Press the share sign of the browser, then Add to Home Screen. It works from there without signal.",
  },
  { is: /Android/, says: "Open the browser's menu (three dots), then Add to home screen or Install. It works from there without signal." },
] as const;
const ON_A_DESK =
  "Open the browser's menu and look for Install or Add to dock. Where there is none, a bookmark does as well: the pages are kept here either way.";

/** What to press where the browser makes no offer of its own. */
export const installByHand = (userAgent: string): string => BY_HAND.find(({ is }) => is.test(userAgent))?.says ?? ON_A_DESK;

/** Whether the program is kept for work without signal. */
export type Readiness = "ready" | "being-kept" | "not-secure" | "refused";

export const READINESS: Record<Readiness, string> = {
  ready: "Ready for no signal: every page is kept on this device.",
  "being-kept": "Not ready for no signal yet: the pages are being kept. Leave this page open for a moment.",
  "not-secure":
    "Not ready for no signal: this address has no HTTPS, so the browser keeps no pages, and gives no camera or microphone. Open it by its https address.",
  refused: "Not ready for no signal: this browser keeps no pages here (a private window, or its settings).",
};

/** How old this version is, in words. */
export function versionWords(builtAt: string, now: Date): string {
  const days = differenceInCalendarDays(now, new Date(builtAt));
  // A clock that stands before the day this version was built is wrong, by years where a device was without power for long.
  if (days < 0)
    return `This version was built on ${dayWords(dayOf(new Date(builtAt)))}; the clock of this device says ${dayWords(dayOf(now))}. Set it: every reading bears its time.`;
  const ago = days <= 0 ? "today" : days === 1 ? "yesterday" : `${days} days ago`;
  return `This version was built on ${dayWords(dayOf(new Date(builtAt)))}, ${ago}.`;
}
