import type { STATIONS } from "@/core/stations";
import { RESTORE_STEPS, type RestoreStep } from "@/core/stations/power-back";
import { clockTime } from "@/features/shell/clock";

export type Detail = ReturnType<(typeof STATIONS)["power-back"]["assess"]>["detail"];

export const STEP_WORDS: Record<RestoreStep, string> = {
  "leads-and-covers": "Leads as marked, covers and guards on, nothing left over",
  "everyone-clear": "Everyone clear, belt and wheel clear",
  "lock-off": "Own lock and tag removed, by the one who set them",
};

export const STEPS = RESTORE_STEPS.map((id) => ({ id, label: STEP_WORDS[id] }));

export function sentence(detail: Detail): string {
  if (detail.isLive && detail.restoredAt)
    return `Power back on since ${clockTime(detail.restoredAt)}. Dead tests need the circuit made safe again.`;
  if (detail.isApart) return "The motor lies open: what came off is not all back. Close the ledger at Take apart first; then power.";
  if (detail.missing.length > 0) return `Before power: ${detail.missing.map((step) => STEP_WORDS[step].toLowerCase()).join("; ")}.`;
  return "All is seen to. Limit every try to two or three seconds until it runs up.";
}
