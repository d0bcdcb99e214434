// How fast this machine is just now. Tests wait for events; the ceilings above those waits are multiples of this figure.
import { createHash } from "node:crypto";

/** The slowest of eight samples on the two cores the ceilings were set on, with nothing beside: 167 to 199 in three runs [ms]. */
const USUAL_MS = 170;
const SAMPLES = 8;
/** Hashed in one sample: long enough that a limit on the processor is felt in it. */
const BLOCK = Buffer.alloc(1 << 22, "vemmick");
const ROUNDS = 10;

/** Time of one sample [ms]. */
function sampleMs() {
  const start = performance.now();
  const hash = createHash("sha256");
  for (let round = 0; round < ROUNDS; round += 1) hash.update(BLOCK);
  hash.digest();
  return performance.now() - start;
}

/**
 * How many times slower this machine is than the usual one, by the slowest of some samples; never below 1, so that a fast one is
 * no stricter.
 */
export function measurePace() {
  const slowest = Math.max(...Array.from({ length: SAMPLES }, sampleMs));
  return Math.max(1, slowest / USUAL_MS);
}

/** The figure the run was started with, or that of a usual machine where a runner is started by hand. */
export const pace = () => Math.max(1, Number(process.env.VEMMICK_PACE ?? 1) || 1);

/** A ceiling above a wait for an event [ms]; the machine may still become so many times slower meanwhile. */
export const ceilingMs = (usualMs) => Math.ceil(4 * usualMs * pace());
