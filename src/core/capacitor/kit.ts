import type { Complaint } from "../trade";

/** Hard-start kits. Ids are persisted. */
export const KIT_SORTS = ["ptc", "potential-relay"] as const;
export type KitSort = (typeof KIT_SORTS)[number];

/** Why a kit would only hide what is wrong. */
export type CrutchReason = "tight-compressor" | "low-volts" | "short-cycling" | "weak-run-capacitor";

interface KitCase {
  readonly complaints: readonly Complaint[];
  readonly machineKind: string;
  readonly supplyV: number | null;
  readonly plateV: number | null;
  readonly isRunCapacitorOut: boolean;
}

/** Volts at the motor below this part of the plate explain a weak start without any kit. Source: usual ±10 % of motor plates. */
const LOW_SUPPLY = 0.9;

/** Every reason to look further before a kit is fitted; a kit helps the start, it cures none of these. */
const CRUTCHES: Readonly<Record<CrutchReason, (found: KitCase) => boolean>> = {
  "weak-run-capacitor": ({ isRunCapacitorOut }) => isRunCapacitorOut,
  "low-volts": ({ supplyV, plateV }) => supplyV !== null && plateV !== null && supplyV < LOW_SUPPLY * plateV,
  "short-cycling": ({ complaints }) => complaints.includes("cuts-out-and-returns"),
  "tight-compressor": ({ machineKind, complaints }) =>
    machineKind === "hermetic-compressor" && complaints.some((each) => each === "hums-no-start" || each === "trips-at-start"),
};

/**
 * Reasons why a kit would be a crutch on this motor; empty when none shows.
 * @param found what is known of motor, supply and cycling
 * @returns reasons, or none
 */
export function crutchReasons(found: KitCase): CrutchReason[] {
  return (Object.keys(CRUTCHES) as CrutchReason[]).filter((reason) => CRUTCHES[reason](found));
}

/** Cold and hot resistance of a start PTC [Ω], and the minutes it needs to cool between starts. Source: usual data sheets. */
export const PTC = { coldOhm: { low: 10, high: 100 }, hotOhm: 10_000, coolMinutes: 3 } as const;
/** Coil of a potential relay [Ω]; contacts closed at rest. Source: usual data sheets. */
export const POTENTIAL_COIL_OHM = { low: 5_000, high: 15_000 } as const;
