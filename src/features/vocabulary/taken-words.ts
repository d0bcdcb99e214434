import type { Taken } from "@/store/part-counts";

/** Why a piece could not be taken off the Shelf, and what to do instead. */
export const NOT_TAKEN: Record<Exclude<Taken, "taken">, string> = {
  "none-left": "None is left of it: somebody took the last one meanwhile. Take another line.",
  "line-gone": "This line is gone from the Shelf. Take another one.",
  "not-kept": "It could not be taken off the Shelf on this device. Try again, or type the part.",
};
