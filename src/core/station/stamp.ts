/**
 * The verdict on a station; `unsure`: a figure looks like a slip of the finger, so nothing is concluded from it;
 * `contradicts`: readings that cannot all be right of one thing.
 */
export type Stamp = "holds" | "out" | "too-close" | "contradicts" | "unsure" | "noted" | "not-done" | "skipped";
