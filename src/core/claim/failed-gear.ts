import type { GearVerdict } from "../startgear";

/** Verdicts of start gear that say it has failed: neither that it works, nor that more is to be seen. */
export type FailedGear = Exclude<GearVerdict, "works" | "press-first" | "other-path" | "more-needed" | "ptc-hot">;
