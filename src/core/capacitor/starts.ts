/** Starts against a start capacitor's allowance. */
export interface StartCount {
  readonly inLastHour: number;
  readonly allowed: number;
  readonly left: number;
  /** seconds until one more is allowed; 0 while some are left */
  readonly waitS: number;
}

const HOUR_MS = 3_600_000;

/**
 * Counts starts of the last hour against the allowance of an electrolytic start capacitor (usually 20 of 3 s).
 * @param moments starts, ISO 8601, in any order
 * @param nowMs the present, ms since 1970
 * @param allowed starts an hour that are allowed
 * @returns starts of the last hour, and when the next is allowed
 * @source usual rating of motor-start parts, IEC 60252-2: 3 s on, 1.7 % duty
 */
export function countStarts(moments: readonly string[], nowMs: number, allowed: number): StartCount {
  const recent = moments
    .map((moment) => Date.parse(moment))
    .filter((at) => at <= nowMs && nowMs - at < HOUR_MS)
    .sort((a, b) => a - b);
  const left = Math.max(0, allowed - recent.length);
  const freeing = recent[recent.length - allowed];
  return {
    inLastHour: recent.length,
    allowed,
    left,
    waitS: left > 0 || freeing === undefined ? 0 : Math.ceil((freeing + HOUR_MS - nowMs) / 1000),
  };
}
