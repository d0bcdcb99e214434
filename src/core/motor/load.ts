import type { Circuit } from "./circuit";
import { windageTorqueNm } from "./circuit";
import type { LoadLaw } from "./machine";

/** A compressor that starts against its pressure keeps most of its torque down to standstill. */
const AGAINST_PRESSURE = 0.6;
/** With pressures equal it asks for its friction first, and for the more the faster it pumps. 0.1 to 0.25 in the trade. */
export const EQUALISED_AT_REST = { low: 0.1, middle: 0.17, high: 0.25 } as const;

const straight = (atRest: number, speedFraction: number): number => atRest + (1 - atRest) * speedFraction;

/** Torque over rated torque at this part of the rated speed. @source fan: affinity laws; compressors: a straight line from rest */
const LAWS: Record<LoadLaw, (speedFraction: number, atRest: number | undefined) => number> = {
  fan: (speedFraction) => speedFraction * Math.abs(speedFraction),
  constant: () => 1,
  compressor: (speedFraction, atRest = AGAINST_PRESSURE) => straight(atRest, speedFraction),
  equalised: (speedFraction, atRest = EQUALISED_AT_REST.middle) => straight(atRest, speedFraction),
};

/** Torque of what is driven, with the drag of tight bearings [N m]; infinite when jammed. Friction and windage are not in it. */
export function loadTorqueNm({ machine: { load }, condition }: Circuit, speedRadS: number): number {
  if (condition.isJammed) return Infinity;
  const ratedRadS = (load.ratedRpm * Math.PI) / 30;
  return LAWS[load.law](speedRadS / ratedRadS, load.atRest) * load.ratedTorqueNm * condition.loadScale + condition.dragTorqueNm;
}

/** All that holds the shaft back [N m]. */
export const resistingTorqueNm = (circuit: Circuit, speedRadS: number): number =>
  loadTorqueNm(circuit, speedRadS) + windageTorqueNm(circuit, speedRadS);
