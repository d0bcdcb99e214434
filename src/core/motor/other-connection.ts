import { interpolate } from "../numeric";
import type { PlateFacts } from "./facts";
import { connectionOfSupply } from "./plate-choice";
import { middleOf } from "./plate-value";

/** Connections of one plate are half and double of one another; ends of a band are not so far apart. */
const ANOTHER = 0.4;

/**
 * The plate's other connection, where nobody looked which one is made: figures may be those of that one.
 * @param plate connections of the plate, what was said, and the volts in hand
 * @returns whether the other one is for higher or lower volts; null: there is none, or somebody looked
 */
export function otherConnection({
  plateConnections,
  connectionSaid,
  supplyV,
}: Pick<PlateFacts, "plateConnections" | "connectionSaid" | "supplyV">): "higher" | "lower" | null {
  if (plateConnections.length !== 2 || connectionSaid !== null || supplyV === null) return null;
  const other = plateConnections.map(({ volts }) => middleOf(volts)).find((volts) => Math.abs(volts / supplyV - 1) > ANOTHER);
  return other === undefined ? null : other > supplyV ? "higher" : "lower";
}

/**
 * How far line amps, over those of the connection in hand, look like those of the other one. Halves in series on the lower
 * volts draw a quarter to a half; side by side on the higher ones twice and far more, as iron saturates. Trade judgement.
 */
const LOOKS_LIKE = {
  higher: [
    [0.05, 0],
    [0.12, 1],
    [0.42, 1],
    [0.52, 0.5],
    [0.6, 0.12],
    [0.7, 0],
  ],
  lower: [
    [1.4, 0],
    [1.7, 0.5],
    [2.1, 1],
  ],
} as const;
/** At its plate speed a motor on half its volts does not turn: then its load is gone. */
const AT_SPEED = 0.97;
const AT_SPEED_PART = 0.15;

/** Figures of a run that may be those of the plate's other connection. */
export interface ConnectionFigures {
  readonly lineA: number | null;
  readonly speedRpm: number | null;
}

/**
 * How far the figures of a run look like those of the plate's other connection.
 * @param plate connections of the plate, amps and speed of the one in hand
 * @param figures amps in the line and speed; null: not measured
 * @returns 0 not at all, to 1
 */
export function looksOtherwiseConnected(plate: PlateFacts, { lineA, speedRpm }: ConnectionFigures): number {
  const other = otherConnection(plate);
  const { fullLoadA, fullLoadRpm } = plate;
  if (other === null || lineA === null || fullLoadA === null) return 0;
  const alike = interpolate(LOOKS_LIKE[other], lineA / fullLoadA);
  const isAtSpeed = other === "higher" && speedRpm !== null && fullLoadRpm !== null && speedRpm > AT_SPEED * fullLoadRpm;
  return isAtSpeed ? alike * AT_SPEED_PART : alike;
}

/**
 * The connection of the plate that measured volts belong to, where a person said it is made for another one.
 * @param plate connections and what was said
 * @param volts measured at the motor, standing [V]
 * @param part allowed deviation from the plate's volts, as a part
 * @returns true where the volts are good for another connection than the one that was said
 */
export function isSuppliedForAnother(
  { plateConnections, connectionSaid }: Pick<PlateFacts, "plateConnections" | "connectionSaid">,
  volts: number,
  part: number,
): boolean {
  const place = connectionOfSupply(plateConnections, volts, part);
  return connectionSaid !== null && place !== null && place !== connectionSaid;
}
