import { isOnMachine } from "../diagnosis";
import type { Facts } from "../facts";
import type { StationMethod, StationPower } from "../station";
import { STATION_IDS, stationOf, type StationId } from "../stations";
import type { TestId } from "../trade";

/**
 * The way to work at a station that has several: the one asked for, else the usual one; null where there is but one way.
 * @param station which station
 * @param id the way asked for; null: the usual one
 * @returns the way; null where there is but one
 */
export function methodOf(station: StationId, id: string | null): StationMethod | null {
  const { methods } = stationOf(station).definition;
  return methods?.find((method) => method.id === id) ?? methods?.[0] ?? null;
}

/**
 * Ways to work at a station that this machine allows; a way all of whose tests it forbids is not shown.
 * @param station which station
 * @param facts what is known of the motor
 * @returns the ways that are shown
 */
export function methodsOn(station: StationId, { machineKind }: Facts): readonly StationMethod[] {
  const methods = stationOf(station).definition.methods ?? [];
  return methods.filter(({ tests }) => tests.length === 0 || tests.some((test) => isOnMachine(test, machineKind)));
}

/**
 * State the circuit must be in for a station, or for one of its methods.
 * @param station which station
 * @param method way of working; null: the usual one
 * @returns the state
 */
export function powerOf(station: StationId, method: string | null = null): StationPower {
  return methodOf(station, method)?.power ?? stationOf(station).definition.power;
}

/**
 * Station that brings the circuit into the state a station (or its method) needs; null when it is in it.
 * @param station which station
 * @param power state of the circuit
 * @param method way of working; null: the usual one
 * @returns the station; null when nothing has to change
 */
export function stateChangeFor(station: StationId, power: Facts["power"], method: string | null = null): StationId | null {
  const needed = powerOf(station, method);
  if ((needed !== "dead" && needed !== "live") || needed === power) return null;
  return STATION_IDS.find((id) => stationOf(id).definition.power === `to-${needed}`) ?? null;
}

/** Station and way of working at which a test is made. */
export function whereOf(test: TestId, station: StationId): { station: StationId; method: string | null } {
  return { station, method: stationOf(station).definition.methods?.find(({ tests }) => tests.includes(test))?.id ?? null };
}

/**
 * Station and way of working for any test, for a person who wants another than the one proposed.
 * @param test which test
 * @returns the station and its way; null: no station makes it
 */
export function stationForTest(test: TestId): { station: StationId; method: string | null } | null {
  const station = STATION_IDS.find((id) => stationOf(id).definition.tests.includes(test));
  return station ? whereOf(test, station) : null;
}
