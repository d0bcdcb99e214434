import type { MachineKind, MotorType } from "../motor";
import type { Suspect } from "./vocabulary";

type Row = Partial<Record<Suspect, number>>;

/*
 * How often each part is at fault on a call to a motor of this type, before anything is asked or measured.
 * Source: trade judgement, to be re-estimated from the ledger; a suspect without a row cannot be present on that type.
 */
const EVERY_MOTOR: Row = {
  "main-winding": 0.04,
  "shorted-turns": 0.04,
  "ground-fault": 0.03,
  protector: 0.03,
  "bearing-worn": 0.12,
  "bearing-seized": 0.05,
  "driven-load": 0.08,
  supply: 0.07,
  wiring: 0.07,
  control: 0.06,
};

const BY_TYPE: Record<MotorType, Row> = {
  psc: { ...EVERY_MOTOR, "run-capacitor": 0.3, "start-winding": 0.04, "start-relay": 0.01 },
  "cap-start": {
    ...EVERY_MOTOR,
    "start-capacitor": 0.2,
    "start-switch": 0.18,
    "start-winding": 0.04,
    "start-relay": 0.04,
  },
  "cap-start-run": {
    ...EVERY_MOTOR,
    "run-capacitor": 0.15,
    "start-capacitor": 0.15,
    "start-switch": 0.1,
    "start-relay": 0.1,
    "start-winding": 0.04,
  },
  "split-phase": { ...EVERY_MOTOR, "start-switch": 0.22, "start-winding": 0.06, "start-relay": 0.05 },
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
    "start-relay": 0.08,
    "driven-load": 0.05,
  },
  "belt-compressor": { "driven-load": 0.12 },
  drum: { "driven-load": 0.12 },
};

/**
 * Prior probability of each suspect on this motor.
 * @returns only suspects that can be present on this type
 */
export function priorsFor(type: MotorType, machine: MachineKind): ReadonlyMap<Suspect, number> {
  return new Map(Object.entries({ ...BY_TYPE[type], ...BY_MACHINE[machine] }) as [Suspect, number][]);
}
