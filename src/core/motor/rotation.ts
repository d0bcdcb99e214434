/** Way a shaft turns. Persisted: do not change without a migration. */
export const ROTATIONS = ["cw", "ccw"] as const;
export type Rotation = (typeof ROTATIONS)[number];

/** From where a rotation is named: two people who look from two ends say two things of one motor. Persisted likewise. */
export const SEEN_FROM = ["shaft-end", "lead-end"] as const;
export type SeenFrom = (typeof SEEN_FROM)[number];

/**
 * A rotation as it looks from the shaft end, which all comparisons are made by.
 * @param rotation as it was named
 * @param from the end it was named from
 * @returns the rotation looking at the shaft end
 * @source trade rule: rotation is named looking at the shaft end; from the other end it is the opposite
 * @example seenFromShaft("cw", "lead-end") -> "ccw"
 */
export function seenFromShaft(rotation: Rotation | null, from: SeenFrom): Rotation | null {
  if (rotation === null || from === "shaft-end") return rotation;
  return rotation === "cw" ? "ccw" : "cw";
}
