import type { GearSort } from "./gear-table";

export interface GearFacts {
  /** start gear that was seen on it */
  readonly startGear: GearSort | null;
}

export const NO_GEAR_FACTS: GearFacts = { startGear: null };
