import type { Figure } from "../quantity";
import type { Drive, MachineKind, MotorType } from "../trade";
import type { Behaviour } from "./behaviour";
import type { NotOurs } from "./not-ours";
import type { PlateConnection } from "./plate-choice";
import type { Rotation } from "./rotation";
import type { HotPlace, Noise, RunEntries } from "./run-entries";

/** What the plate says, and what machine it stands on. */
export interface PlateFacts {
  readonly motorType: MotorType;
  readonly machineKind: MachineKind;
  /** how it drives its machine; null: nobody said */
  readonly drive: Drive | null;
  /** it is none of the motors that are judged here; null: nothing says so, or a person said otherwise */
  readonly notOurs: NotOurs | null;
  /** a person said that it is an induction motor on one phase, whatever else speaks against it */
  readonly isOursSaid: boolean;
  /** maker, model, part and serial number as printed, in one line; empty: not kept */
  readonly printedAs: string;
  /** the machine around it burns gas; null: nobody said */
  readonly burnsGas: boolean | null;
  /** volts of the connection in hand; the middle of its band */
  readonly supplyV: number | null;
  /** the band a plate names for that connection [V]; both ends the same where it names one figure */
  readonly supplyBand: readonly [lowV: number, highV: number] | null;
  /** every way the plate says it can be connected */
  readonly plateConnections: readonly PlateConnection[];
  /** how it is connected, where a person looked: place among them; null: nobody said */
  readonly connectionSaid: number | null;
  readonly frequencyHz: number | null;
  readonly powerW: number | null;
  readonly fullLoadA: number | null;
  readonly fullLoadRpm: number | null;
  /** age of the motor, about [years] */
  readonly ageYears: number | null;
  /** hot-spot limit of the plate's insulation class [°C] */
  readonly hotSpotC: number | null;
}

export const NO_PLATE_FACTS: PlateFacts = {
  motorType: "unknown",
  machineKind: "other",
  drive: null,
  notOurs: null,
  isOursSaid: false,
  printedAs: "",
  burnsGas: null,
  supplyV: null,
  supplyBand: null,
  plateConnections: [],
  connectionSaid: null,
  frequencyHz: null,
  powerW: null,
  fullLoadA: null,
  fullLoadRpm: null,
  ageYears: null,
  hotSpotC: null,
};

/** One way a motor that went in can be connected; both volts the same where its plate names one figure. */
export interface FittedConnection {
  readonly lowV: number;
  readonly highV: number;
  readonly fullLoadA: number | null;
}

/** Plate of a motor that went in: the figures after the repair are judged by it. */
export interface FittedMotor {
  readonly connections: readonly FittedConnection[];
  readonly frequencyHz: number | null;
  readonly powerW: number | null;
  readonly fullLoadRpm: number | null;
}

/** The motor that went in, and which way it has to turn, looking at the shaft end. */
export interface FittedFacts {
  /** null: the old one stays */
  readonly fittedMotor: FittedMotor | null;
  readonly rotationBefore: Rotation | null;
  /** as the machine asks for it */
  readonly rotationAsked: Rotation | null;
  /** when the first work was done, ISO 8601: what is measured later is after; null: nothing was done yet */
  readonly fittedAt: string | null;
  /** a part is in that is not the right one, by its label or by what it read */
  readonly isWrongPartIn: boolean;
}

export const NO_FITTED_FACTS: FittedFacts = {
  fittedMotor: null,
  rotationBefore: null,
  rotationAsked: null,
  fittedAt: null,
  isWrongPartIn: false,
};

/** How it was found to run, and the supply it was found on. */
export interface RunFacts {
  /** figures as found on the run test, and what was heard */
  readonly runFound: Partial<RunEntries>;
  readonly noisesFound: readonly Noise[];
  /** where it was hottest as found */
  readonly hotPlaceFound: HotPlace | null;
  readonly behaviourFound: Behaviour | null;
  /** the same as read once work had been done; empty: it was not */
  readonly runNow: Partial<RunEntries>;
  readonly noisesNow: readonly Noise[];
  readonly hotPlaceNow: HotPlace | null;
  /** volts at the motor, standing, as found at the supply */
  readonly supplyFound: Figure | null;
  /** its figures are those of the plate's other connection: how it is connected is looked at before any part */
  readonly isConnectionDoubted: boolean;
}

export const NO_RUN_FACTS: RunFacts = {
  runFound: {},
  noisesFound: [],
  hotPlaceFound: null,
  behaviourFound: null,
  runNow: {},
  noisesNow: [],
  hotPlaceNow: null,
  supplyFound: null,
  isConnectionDoubted: false,
};
