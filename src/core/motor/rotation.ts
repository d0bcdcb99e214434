import type { MotorType } from "../trade";

/** Way a shaft turns. Persisted: do not change without a migration. */
export const ROTATIONS = ["cw", "ccw"] as const;
export type Rotation = (typeof ROTATIONS)[number];

/** From where a rotation is named: two people who look from two ends say two things of one motor. Persisted likewise. */
export const SEEN_FROM = ["shaft-end", "lead-end"] as const;
export type SeenFrom = (typeof SEEN_FROM)[number];

/** How a motor is made to turn the other way. Persisted likewise. */
export const TURNED_BY = ["start-leads", "plug", "end-for-end", "another-hand"] as const;
export type TurnedBy = (typeof TURNED_BY)[number];

/**
 * Ways that can turn a motor of a type round.
 * @param motorType type of the motor
 * @returns no wire turns a shaded-pole motor round, and no rotor put in end for end any other: its field decides
 * @source Veinott, Theory and Design of Small Induction Motors: the field turns from the unshaded to the shaded part of a pole
 * @example turnedByOn("shaded-pole") -> ["end-for-end", "another-hand"]
 */
export const turnedByOn = (motorType: MotorType): readonly TurnedBy[] =>
  motorType === "shaded-pole"
    ? ["end-for-end", "another-hand"]
    : motorType === "unknown"
      ? TURNED_BY
      : ["start-leads", "plug", "another-hand"];

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
