import type { Rotation } from "../motor";
import type { MachineKind, MotorType } from "../trade";

/** Types of motor that can be named on a sheet; nobody knows: null. Persisted: do not change without a migration. */
export const NAMED_TYPES = ["psc", "cap-start", "cap-start-run", "split-phase", "shaded-pole"] as const satisfies readonly MotorType[];
export type NamedType = (typeof NAMED_TYPES)[number];

/** How a motor is held. Persisted: do not change without a migration. */
export const MOUNTS = ["belly-band", "lugs", "studs", "resilient-base", "rigid-base", "face"] as const;
export type Mount = (typeof MOUNTS)[number];

/** Form of the shaft where the wheel sits. Persisted likewise. */
export const SHAFT_FORMS = ["round", "flat", "two-flats", "key", "thread"] as const;
export type ShaftForm = (typeof SHAFT_FORMS)[number];

/** What is let in, and what cools it. Persisted likewise. */
export const ENCLOSURES = ["open", "open-air-over", "sealed-fan-cooled", "sealed-air-over", "sealed-nonventilated"] as const;
export type Enclosure = (typeof ENCLOSURES)[number];

/** Persisted likewise. */
export const RATED_DUTIES = ["continuous", "intermittent"] as const;
export type RatedDuty = (typeof RATED_DUTIES)[number];

/** Persisted likewise. */
export const BEARING_SORTS = ["sleeve", "ball"] as const;
export type BearingSort = (typeof BEARING_SORTS)[number];

/** Thermal protection: comes back by itself, by a button, or there is none. Persisted likewise. */
export const PROTECTIONS = ["auto", "manual", "none"] as const;
export type Protection = (typeof PROTECTIONS)[number];

/** One way a motor can be connected, with the amps that go with it. */
export interface RatedConnection {
  readonly lowV: number;
  readonly highV: number;
  readonly fullLoadA: number | null;
}

/** What it runs with: nothing, or a capacitor. */
export type OwnCapacitor = { readonly kind: "none" } | { readonly kind: "one"; readonly uf: number; readonly ratedV: number | null };

/** A motor by what decides whether it goes into a place; null or an empty list: not known. */
export interface MotorSpec {
  /** how it gets its start */
  readonly type: NamedType | null;
  readonly connections: readonly RatedConnection[];
  readonly hertz: readonly number[];
  readonly phases: number | null;
  readonly powerW: number | null;
  /** highest speed at full load */
  readonly rpm: number | null;
  readonly poles: number | null;
  readonly speeds: number | null;
  /** looking at the shaft end */
  readonly rotation: Rotation | null;
  readonly isReversible: boolean | null;
  readonly shaftEnds: number | null;
  readonly mount: Mount | null;
  readonly bodyDiameterMm: number | null;
  readonly bodyLengthMm: number | null;
  readonly shaftDiameterMm: number | null;
  readonly shaftLengthMm: number | null;
  readonly shaftForm: ShaftForm | null;
  readonly enclosure: Enclosure | null;
  readonly duty: RatedDuty | null;
  readonly bearings: BearingSort | null;
  readonly capacitor: OwnCapacitor | null;
  readonly protection: Protection | null;
  readonly leadLengthMm: number | null;
}

/** A motor of which nothing is known. */
export const UNKNOWN_MOTOR: MotorSpec = {
  type: null,
  connections: [],
  hertz: [],
  phases: null,
  powerW: null,
  rpm: null,
  poles: null,
  speeds: null,
  rotation: null,
  isReversible: null,
  shaftEnds: null,
  mount: null,
  bodyDiameterMm: null,
  bodyLengthMm: null,
  shaftDiameterMm: null,
  shaftLengthMm: null,
  shaftForm: null,
  enclosure: null,
  duty: null,
  bearings: null,
  capacitor: null,
  protection: null,
  leadLengthMm: null,
};

/** Which way the shaft points, where it is built in. Persisted: do not change without a migration. */
export type ShaftDirection = "horizontal" | "up" | "down";

/** The place a motor goes into; null: not known. */
export interface MotorPlace {
  /** what it drives: some loads are there from the first turn */
  readonly machineKind: MachineKind;
  /** volts that are there; null: those of the old motor's connection */
  readonly supplyV: number | null;
  /** room from the face of the mount to the next thing behind the body */
  readonly roomLengthMm: number | null;
  readonly roomDiameterMm: number | null;
  /** what the circuit, its relay and its overload bear */
  readonly circuitA: number | null;
  readonly shaft: ShaftDirection | null;
  /** the machine's own air passes over the motor */
  readonly hasAirOver: boolean | null;
  readonly wheelBoreMm: number | null;
  /** speeds that are connected */
  readonly speedsUsed: number | null;
  /** wire there is from the place of the motor to its terminals */
  readonly leadLengthMm: number | null;
}

export const UNKNOWN_PLACE: MotorPlace = {
  machineKind: "other",
  supplyV: null,
  roomLengthMm: null,
  roomDiameterMm: null,
  circuitA: null,
  shaft: null,
  hasAirOver: null,
  wheelBoreMm: null,
  speedsUsed: null,
  leadLengthMm: null,
};
