import type { FittedConnection, FittedFacts, PlateFacts, RunFacts } from "./facts";
import { connectionOfSupply } from "./plate-choice";
import { endsOf, middleOf } from "./plate-value";

type AsFittedFacts = PlateFacts &
  FittedFacts &
  Pick<RunFacts, "supplyFound" | "isConnectionDoubted"> & { readonly worksDone: readonly { readonly work: string }[] };

/** Volts that arrive may lie off a connection's by this part, and are still its own: connections lie much further apart. Judgement. */
const OFF_PLATE = 0.15;

/**
 * The facts of a motor of two connections once it was connected for the volts that are there: the connection they belong to,
 * whatever was found; where nobody measured them, the other one than was found.
 */
function asConnected<F extends AsFittedFacts>(facts: F): F {
  const { worksDone, plateConnections, connectionSaid, supplyFound } = facts;
  const isForVolts = worksDone.some(({ work }) => work === "connect-for-volts");
  if (connectionSaid === null || plateConnections.length !== 2) return facts;
  if (!isForVolts && !worksDone.some(({ work }) => work === "reconnect")) return facts;
  const bySupply = supplyFound === null ? null : connectionOfSupply(plateConnections, supplyFound.value, OFF_PLATE);
  const place = bySupply ?? (isForVolts ? 1 - connectionSaid : connectionSaid);
  const connection = plateConnections[place];
  if (connection === undefined) return facts;
  return {
    ...facts,
    connectionSaid: place,
    supplyV: middleOf(connection.volts),
    supplyBand: endsOf(connection.volts),
    fullLoadA: connection.amps === null ? null : endsOf(connection.amps)[1],
    isConnectionDoubted: false,
  };
}

const apartFrom = (volts: number, { lowV, highV }: FittedConnection): number => Math.max(lowV - volts, volts - highV, 0);

/**
 * The facts as they hold for the motor that is in there now: where another one went in, its own plate stands for the old one's;
 * where the old one was connected anew, the connection that the volts there ask for.
 * @param facts what the card knows
 * @returns the same facts, with volts, hertz, power, amps and speed of the motor that went in, at the connection nearest the
 * supply; what its plate does not say is not known
 */
export function asFitted<F extends AsFittedFacts>(facts: F): F {
  const { fittedMotor, supplyV } = facts;
  if (fittedMotor === null) return asConnected(facts);
  const { connections, frequencyHz, powerW, fullLoadRpm } = fittedMotor;
  const [nearest] =
    supplyV === null
      ? connections.length === 1
        ? connections
        : []
      : connections.toSorted((a, b) => apartFrom(supplyV, a) - apartFrom(supplyV, b));
  return {
    ...facts,
    supplyV: nearest ? (nearest.lowV + nearest.highV) / 2 : supplyV,
    supplyBand: nearest ? [nearest.lowV, nearest.highV] : facts.supplyBand,
    frequencyHz: frequencyHz ?? facts.frequencyHz,
    powerW,
    fullLoadA: nearest?.fullLoadA ?? null,
    fullLoadRpm,
  };
}
