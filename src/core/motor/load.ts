import type { Circuit } from "./circuit";
import { windageTorqueNm } from "./circuit";
import type { LoadLaw } from "./machine";

/** A compressor keeps most of its torque down to standstill. */
const COMPRESSOR_AT_REST = 0.6;

/** Torque over rated torque at this part of the rated speed. @source fan: affinity laws; compressor: 0.6 at rest, straight line */
const LAWS: Record<LoadLaw, (speedFraction: number) => number> = {
  fan: (speedFraction) => speedFraction * Math.abs(speedFraction),
  constant: () => 1,
  compressor: (speedFraction) => COMPRESSOR_AT_REST + (1 - COMPRESSOR_AT_REST) * speedFraction,
};

/** Torque of what is driven, with the drag of tight bearings [N m]; infinite when jammed. Friction and windage are not in it. */
export function loadTorqueNm({ machine: { load }, condition }: Circuit, speedRadS: number): number {
  if (condition.isJammed) return Infinity;
  const ratedRadS = (load.ratedRpm * Math.PI) / 30;
  return LAWS[load.law](speedRadS / ratedRadS) * load.ratedTorqueNm * condition.loadScale + condition.dragTorqueNm;
}

/** All that holds the shaft back [N m]. */
export const resistingTorqueNm = (circuit: Circuit, speedRadS: number): number =>
  loadTorqueNm(circuit, speedRadS) + windageTorqueNm(circuit, speedRadS);
