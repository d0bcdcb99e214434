import type { MachineKind } from "../trade";
import type { Figure } from "../quantity";
import type { RunQuantity } from "./prediction";

/** What the motor did when it was switched on. Persisted: do not change without a migration. */
export const BEHAVIOURS = ["starts", "only-pushed", "hums", "dead", "trips"] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];

/**
 * Answers that a machine allows: a compressor is never pushed, its shaft is not there to push.
 * @param machine which machine
 * @returns answers that make sense there
 */
export const behavioursOn = (machine: MachineKind): readonly Behaviour[] =>
  BEHAVIOURS.filter((behaviour) => behaviour !== "only-pushed" || machine !== "hermetic-compressor");

export type Measured = Readonly<Partial<Record<RunQuantity, Figure>>>;

/**
 * Figures of a motor that stays at rest, or trips before it turns, are those of a hum; every other behaviour has it turning.
 * @param behaviour what it does when it is switched on; null: nobody said
 * @returns `held` for a motor at rest, else `running`
 */
export const stateOfBehaviour = (behaviour: Behaviour | null): "running" | "held" =>
  behaviour === "hums" || behaviour === "dead" || behaviour === "trips" ? "held" : "running";
