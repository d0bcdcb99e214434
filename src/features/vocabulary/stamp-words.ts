import type { Stamp } from "@/core/station";

export const STAMP_WORDS: Record<Stamp, string> = {
  holds: "Holds",
  out: "Out",
  "too-close": "Too close",
  contradicts: "Contradicts",
  unsure: "Not sure",
  open: "Open",
  noted: "Noted",
  "not-done": "Not done",
  skipped: "Skipped",
};
