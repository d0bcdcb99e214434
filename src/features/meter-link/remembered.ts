import { databaseName } from "@/store/mock-place";

/* What this tab had on the line, so that a page that is loaded anew goes on with it. */

/** A real meter is no meter of the Mock bench. */
const OPEN_KEY = `${databaseName()}-meter-open`;

/** Id of the meter that was open; null: none was. */
export function rememberedMeter(): string | null {
  try {
    return sessionStorage.getItem(OPEN_KEY);
  } catch {
    return null;
  }
}

/** A simulated motor is remembered by this name. */
export const SIMULATED = "stand-in";
export const isSimulatedOpen = (): boolean => rememberedMeter() === SIMULATED;

/** Remembers what is open until the tab is closed; null: nothing is. */
export function rememberMeter(id: string | null): void {
  try {
    if (id === null) sessionStorage.removeItem(OPEN_KEY);
    else sessionStorage.setItem(OPEN_KEY, id);
  } catch {
    // The next page asks again.
  }
  document.dispatchEvent(new Event(METER_CHANGED));
}

/** Told on the document when another meter is open, or none. */
export const METER_CHANGED = "vemmick-meter-changed";

/** Told on the document where a line is opened from elsewhere than its own button. */
export const LINK_WANTED = "vemmick-link-wanted";
