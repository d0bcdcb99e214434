import type { Suspect } from "../trade";
import type { HouseFigures, HouseRuleId, NumberRuleId } from "../house";
import type { PriorFactors } from "./priors";
import type { Weights } from "./standing";
import { INSTRUMENTS, type Instrument } from "./test-table";

/** House rule that says whether an instrument is owned. */
const OWNED_BY = {
  "capacitance-meter": "ownsCapacitanceMeter",
  clamp: "ownsClamp",
  "insulation-tester": "ownsInsulationTester",
  tachometer: "ownsTachometer",
} as const satisfies Record<Instrument, HouseRuleId>;

/** Rule that says how often each part is found at fault here. */
export const PRIOR_RULES: Record<Suspect, NumberRuleId> = {
  "run-capacitor": "priorRunCapacitor",
  "start-capacitor": "priorStartCapacitor",
  "start-switch": "priorStartSwitch",
  "start-relay": "priorStartRelay",
  "main-winding": "priorMainWinding",
  "start-winding": "priorStartWinding",
  "shorted-turns": "priorShortedTurns",
  "ground-fault": "priorGroundFault",
  protector: "priorProtector",
  "bearing-worn": "priorBearingWorn",
  "bearing-seized": "priorBearingSeized",
  "driven-load": "priorDrivenLoad",
  supply: "priorSupply",
  wiring: "priorWiring",
  control: "priorControl",
};

/**
 * Instruments this house has.
 * @param house house rules in force
 * @returns instruments
 */
export const ownedInstruments = (house: HouseFigures): Instrument[] => INSTRUMENTS.filter((instrument) => house[OWNED_BY[instrument]]);

/**
 * How this house weighs what it is told.
 * @param house house rules in force
 * @returns weights
 */
export const houseWeights = (house: HouseFigures): Weights => ({ priors: priorFactors(house), unsaid: house.unsaidPercent / 100 });

/**
 * How often this house finds each part at fault, over the usual.
 * @param house house rules in force
 * @returns factor of each suspect
 */
const priorFactors = (house: HouseFigures): PriorFactors =>
  Object.fromEntries(Object.entries(PRIOR_RULES).map(([suspect, rule]) => [suspect, house[rule]]));
