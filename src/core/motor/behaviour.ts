import type { RunQuantity } from "./prediction";

/** What the motor did when it was switched on. Persisted: do not change without a migration. */
export const BEHAVIOURS = ["starts", "only-pushed", "hums", "dead"] as const;
export type Behaviour = (typeof BEHAVIOURS)[number];

/** A figure off an instrument. */
export interface Figure {
  readonly value: number;
  readonly standardUncertainty: number;
}
export type Measured = Readonly<Partial<Record<RunQuantity, Figure>>>;

/** Figures of a motor that stays at rest are those of a hum; every other behaviour has it turning. */
export const stateOfBehaviour = (behaviour: Behaviour | null): "running" | "held" =>
  behaviour === "hums" || behaviour === "dead" ? "held" : "running";
