import { inSentence } from "@/features/vocabulary/in-sentence";
import type { STATIONS } from "@/core/stations";
import { type RestoreStep, type TripCheck } from "@/core/stations/power-back";
import { clockTime } from "@/features/vocabulary/clock";

export type Detail = ReturnType<(typeof STATIONS)["power-back"]["assess"]>["detail"];

export const STEP_WORDS: Record<RestoreStep, string> = {
  "leads-and-covers": "Leads as marked, covers and guards on, nothing left over",
  "everyone-clear": "Everyone clear, belt and wheel clear",
  "lock-off": "Own lock and tag removed, by the one who set them",
};

const CHECK_WORDS: Record<TripCheck, string> = { look: "look and smell", "hand-turn": "turn it by hand", frame: "measure it to the frame" };

/** Something stands against power that no tick here takes away. */
export const isBarred = ({ isApart, isGrounded, tripChecks }: Detail): boolean => isApart || isGrounded || tripChecks.length > 0;

/** Returns to power before this one. */
const beforeWords = ({ before }: Detail): string =>
  before.length === 0 ? "" : `; it was given back before at ${before.map(clockTime).join(", ")}`;

/** What is asked for before it gets power, and bars it not; null: nothing. */
export const askedSentence = ({ asked, isLive }: Detail): string | null =>
  isLive || asked.length === 0 ? null : `Before it gets power: ${asked.map((id) => CHECK_WORDS[id]).join("; ")}. Dead, and in minutes.`;

export function sentence(detail: Detail): string {
  if (detail.isLive && detail.restoredAt)
    return `Power back on since ${clockTime(detail.restoredAt)}${beforeWords(detail)}. Dead tests need the circuit made safe again.`;
  if (detail.isApart) return "The motor lies open: what came off is not all back. Close the ledger at Take apart first; then power.";
  if (detail.isGrounded)
    return "A path to the frame was found. No power until what was faulty is out, or dry, and it reads clear again: key it at the station To the frame, under “Once the faulty part is out”, or at Insulation with its tester proven.";
  if (detail.tripChecks.length > 0)
    return `It trips. Before it gets power again: ${detail.tripChecks.map((id) => CHECK_WORDS[id]).join("; ")}.`;
  if (detail.missing.length > 0) return `Before power: ${detail.missing.map((step) => inSentence(STEP_WORDS[step])).join("; ")}.`;
  return "All is seen to. Limit every try to two or three seconds until it runs up.";
}
