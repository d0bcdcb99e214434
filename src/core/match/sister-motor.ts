import type { MotorSpec } from "./motor-spec";

/** What two motors of one make and size have alike on their plates. */
const ALIKE = ["volts", "power", "speed"] as const;
export type AlikeLine = (typeof ALIKE)[number];

/** What of a plate tells a sister. */
export type SisterPlate = Pick<MotorSpec, "connections" | "powerW" | "rpm">;

/** Figures of two plates that are one figure, rounded. */
const SAME_FIGURE = 0.03;
const isNear = (a: number, b: number): boolean => Math.abs(a / b - 1) <= SAME_FIGURE;

/** Whether two plates say the same on a line; null: one of them does not say. */
const COMPARE: Record<AlikeLine, (a: SisterPlate, b: SisterPlate) => boolean | null> = {
  volts: (a, b) =>
    a.connections.length === 0 || b.connections.length === 0
      ? null
      : a.connections.some((one) => b.connections.some((other) => one.lowV <= other.highV && other.lowV <= one.highV)),
  power: (a, b) => (a.powerW === null || b.powerW === null ? null : isNear(a.powerW, b.powerW)),
  speed: (a, b) => (a.rpm === null || b.rpm === null ? null : isNear(a.rpm, b.rpm)),
};

/** How far a motor is another's sister. */
export interface Sisterhood {
  /** `alike`: all that both plates say is the same; `unsure`: a plate leaves something out; `other`: something differs */
  readonly kind: "alike" | "unsure" | "other";
  readonly differs: readonly AlikeLine[];
  readonly unknown: readonly AlikeLine[];
}

/**
 * Whether the windings of one motor may be held against those of another: volts, power and speed of their plates.
 * @param motor one motor
 * @param other another one
 * @returns what of their plates is the same, what is not, and what nobody can say
 * @source trade rule: ohms are compared with a motor of the same make and plate; other power or speed is another winding
 */
export function sisterhood(motor: SisterPlate, other: SisterPlate): Sisterhood {
  const lines = ALIKE.map((line) => ({ line, is: COMPARE[line](motor, other) }));
  const differs = lines.filter(({ is }) => is === false).map(({ line }) => line);
  const unknown = lines.filter(({ is }) => is === null).map(({ line }) => line);
  return { kind: differs.length > 0 ? "other" : unknown.length > 0 ? "unsure" : "alike", differs, unknown };
}
