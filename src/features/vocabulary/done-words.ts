import { isMend, type DoneWork } from "@/core/job";
import type { ActionId } from "@/core/trade";
import { MEND_WORDS } from "@/features/vocabulary/mend-words";

/** Works as they are told once they are done. */
const DONE_WORDS: Readonly<Partial<Record<ActionId, string>>> = {
  "replace-run-capacitor": "Run capacitor replaced",
  "replace-start-capacitor": "Start capacitor replaced",
  "service-start-switch": "Start switch serviced",
  "replace-start-relay": "Start relay or PTC replaced",
  "replace-bearings": "Bearings replaced",
  "replace-motor": "Another motor fitted",
  "repair-wiring-or-supply": "Wiring or supply repaired",
  "free-load": "Load freed",
  "repair-control": "Control repaired",
  "service-bearings": "Bearings cleaned and greased",
  "dry-out": "Dried out",
  "make-it-hold": "Seated and fastened",
  reconnect: "Connected anew",
};

/** A work in the past, for cards and paper. */
export const doneWords = (work: DoneWork["work"]): string => (isMend(work) ? MEND_WORDS[work] : (DONE_WORDS[work] ?? ""));
