import type { GearMeasures } from "./gear-measures";
import type { GearSort } from "./gear-table";

export interface GearFacts {
  /** start gear that was seen on it */
  readonly startGear: GearSort | null;
  /** what hand and meter found of it */
  readonly gearFound: GearMeasures | null;
}

export const NO_GEAR_FACTS: GearFacts = { startGear: null, gearFound: null };
