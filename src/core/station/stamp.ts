/**
 * The verdict on a station; `unsure`: a figure looks like a slip of the finger, so nothing is concluded from it;
 * `contradicts`: readings that cannot all be right of one thing; `open`: something was taken off and is not closed yet.
 */
export type Stamp = "holds" | "out" | "too-close" | "contradicts" | "unsure" | "open" | "noted" | "not-done" | "skipped";
