import type { PlateFacts } from "./facts";
import { connectionOfSupply } from "./plate-choice";
import { endsOf, middleOf } from "./plate-value";

/**
 * Volts a motor may see on the connection in hand; a plate that names a band is allowed the house's part beyond both ends.
 * @param facts volts of the connection in hand
 * @param part how far a supply may lie off the plate, as part of its volts
 * @returns both limits [V]; null: the plate names no volts
 */
export function supplyLimits(
  { supplyV, supplyBand }: Pick<PlateFacts, "supplyV" | "supplyBand">,
  part: number,
): { lowV: number; highV: number } | null {
  const [low, high] = supplyBand ?? (supplyV === null ? [] : [supplyV, supplyV]);
  return low === undefined || high === undefined ? null : { lowV: low * (1 - part), highV: high * (1 + part) };
}

/** The connection a measured supply points to, where the plate names several and nobody said which. */
export interface InferredConnection {
  readonly place: number;
  readonly facts: Pick<PlateFacts, "supplyV" | "supplyBand" | "fullLoadA">;
}

/**
 * Infers how a motor of two voltages is connected from the volts measured at it; null where it was said, the plate names but
 * one, or no connection holds them.
 * @param facts what is known of the motor
 * @param volts measured at the motor [V]; null: nothing yet
 * @param part how far a supply may lie off the plate, as part of its volts
 * @returns the connection with its facts; null: it is not to be inferred
 */
export function inferConnection(facts: PlateFacts, volts: number | null, part: number): InferredConnection | null {
  if (volts === null || facts.supplyV !== null || facts.plateConnections.length < 2) return null;
  const place = connectionOfSupply(facts.plateConnections, volts, part);
  const connection = place === null ? undefined : facts.plateConnections[place];
  if (place === null || !connection) return null;
  return {
    place,
    facts: {
      supplyV: middleOf(connection.volts),
      supplyBand: endsOf(connection.volts),
      fullLoadA: connection.amps === null ? null : endsOf(connection.amps)[1],
    },
  };
}
