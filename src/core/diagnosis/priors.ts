import { gearRow, type GearSort } from "../startgear";
import type { MachineKind, MotorType, Suspect, Drive } from "../trade";

type Row = Partial<Record<Suspect, number>>;

/*
 * How often each part is at fault on a call to a motor of this type, before anything is asked or measured.
 * Source: trade judgement, to be re-estimated from the ledger; a suspect without a row cannot be present on that type.
 */
const EVERY_MOTOR: Row = {
  "main-winding": 0.05,
  "shorted-turns": 0.045,
  "ground-fault": 0.045,
  protector: 0.055,
  "bearing-worn": 0.12,
  "bearing-seized": 0.06,
  "driven-load": 0.08,
  supply: 0.055,
  wiring: 0.07,
  control: 0.05,
};

const BY_TYPE: Record<MotorType, Row> = {
  psc: { ...EVERY_MOTOR, "run-capacitor": 0.3, "start-winding": 0.04, "start-relay": 0.01 },
  "cap-start": {
    ...EVERY_MOTOR,
    "start-capacitor": 0.2,
    "start-switch": 0.16,
    "start-winding": 0.04,
    "start-relay": 0.03,
  },
  "cap-start-run": {
    ...EVERY_MOTOR,
    "run-capacitor": 0.15,
    "start-capacitor": 0.15,
    "start-switch": 0.1,
    "start-relay": 0.1,
    "start-winding": 0.04,
  },
  "split-phase": { ...EVERY_MOTOR, "start-switch": 0.18, "start-winding": 0.05, "start-relay": 0.03 },
  "shaded-pole": { ...EVERY_MOTOR, "bearing-worn": 0.2 },
  unknown: {
    ...EVERY_MOTOR,
    "run-capacitor": 0.18,
    "start-capacitor": 0.08,
    "start-switch": 0.07,
    "start-relay": 0.03,
    "start-winding": 0.04,
  },
};

/** Where the machine itself moves the odds: a welded shell has a protector inside and no bearing to reach. */
const BY_MACHINE: Partial<Record<MachineKind, Row>> = {
  "hermetic-compressor": {
    protector: 0.12,
    "bearing-worn": 0.02,
    "bearing-seized": 0.06,
    "driven-load": 0.05,
  },
  "belt-compressor": { "driven-load": 0.12 },
  drum: { "driven-load": 0.12 },
};

/** A fan or blower whose motor starts by a switch is driven by a belt, with its tension, its pulleys and bearings of its own. */
const BY_BELT: Row = { "driven-load": 0.14 };
const isBelted = ({ type, machine, drive = null }: MotorProfile): boolean =>
  (machine === "blower" || machine === "fan") &&
  (drive === null ? type === "cap-start" || type === "split-phase" || type === "cap-start-run" : drive === "belt");

/** Motors of one coil on two leads: open, they are dead and silent. */
export const ONE_COIL: readonly MotorType[] = ["shaded-pole"];

/** A welded shell has no centrifugal switch in it: what its circuit needs to start stands beside it. */
export const NEEDS_GEAR: readonly MotorType[] = ["cap-start", "cap-start-run", "split-phase"];
const ON_SHELL: Row = { "start-relay": 0.11 };

/** What a motor leaves behind when it comes off its machine. */
const OF_THE_PLACE: readonly Suspect[] = ["supply", "control", "driven-load"];

/** Yearly wear: on a motor of this age these parts are at fault oftener than on one of middle age, and below it less often. */
const WEARING: readonly Suspect[] = ["run-capacitor", "start-capacitor", "bearing-worn", "bearing-seized", "shorted-turns", "ground-fault"];
const MIDDLE_AGE_YEARS = 8;
/** Wear neither starts from nothing nor goes on for ever. */
const WEAR = { least: 0.5, most: 1.6 } as const;

/** What is known of a motor before it is tested. */
export interface MotorProfile {
  readonly type: MotorType;
  readonly machine: MachineKind;
  readonly ageYears?: number | null;
  /** start gear, once it was seen */
  readonly gear?: GearSort | null;
  /** how it drives its machine, where somebody said */
  readonly drive?: Drive | null;
  /** it lies on the bench: nothing of a machine or its feed is there */
  readonly isOnBench?: boolean;
}

/** How often the house finds each part at fault, over the usual. */
export type PriorFactors = Readonly<Partial<Record<Suspect, number>>>;

/** No part is suspected beyond this before anything is known. */
const MOST = 0.6;

/**
 * Prior probability of each suspect on this motor: by type, machine, start gear and age, and by what the house finds.
 * @param motor what is known of the motor
 * @param factors what this house finds, over the usual
 * @returns only suspects that can be present on this type
 */
export function priorsFor(motor: MotorProfile, factors: PriorFactors = {}): ReadonlyMap<Suspect, number> {
  const { type, machine, ageYears = null, gear = null, isOnBench = false } = motor;
  const wear = ageYears === null ? 1 : Math.min(WEAR.most, Math.max(WEAR.least, ageYears / MIDDLE_AGE_YEARS));
  const isWelded = machine === "hermetic-compressor";
  const absent: readonly Suspect[] = [
    ...(isOnBench ? OF_THE_PLACE : []),
    ...(gear === null ? [] : gearRow(gear).rulesOut),
    ...(isWelded ? (["start-switch"] as const) : []),
  ];
  const rows = (
    Object.entries({
      ...BY_TYPE[type],
      ...BY_MACHINE[machine],
      ...(isBelted(motor) ? BY_BELT : {}),
      ...(isWelded && NEEDS_GEAR.includes(type) ? ON_SHELL : {}),
    }) as [Suspect, number][]
  ).filter(([suspect]) => !absent.includes(suspect));
  return new Map(
    rows.map(([suspect, usual]) => [suspect, Math.min(MOST, usual * (WEARING.includes(suspect) ? wear : 1) * (factors[suspect] ?? 1))]),
  );
}
