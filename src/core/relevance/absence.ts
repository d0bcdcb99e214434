import type { Facts } from "../facts";
import type { RunField } from "../motor";
import type { MachineKind } from "../trade";

/** What a motor may have or lack, as far as work at it goes. */
export const TRAITS = ["capacitor", "charge", "start-gear", "start-lead", "shaft", "bearings", "load", "balls"] as const;
export type Trait = (typeof TRAITS)[number];

/** Why a motor is taken to lack a part. */
export type Absence =
  | { readonly code: "type-without-capacitor"; readonly motorType: Facts["motorType"] }
  | { readonly code: "type-without-start-gear"; readonly motorType: Facts["motorType"] }
  | { readonly code: "type-without-start-lead"; readonly motorType: Facts["motorType"] }
  | { readonly code: "welded-shell" }
  | { readonly code: "sleeves" };

const isWelded = ({ machineKind }: Facts): boolean => machineKind === "hermetic-compressor";
const onShell = (facts: Facts): Absence | null => (isWelded(facts) ? { code: "welded-shell" } : null);

/** A capacitor that stands on the plate, was found fitted or was measured is there, whatever the type says. */
const hasSeenCapacitor = (facts: Facts): boolean =>
  facts.plateCapacitor !== null || facts.fittedCapacitor !== null || facts.capacitorFoundUf !== null || facts.boardCapacitors.length > 0;

/** What each part's absence is known by. @source trade knowledge: how each type of motor is built */
const ABSENT: Readonly<Record<Trait, (facts: Facts) => Absence | null>> = {
  capacitor: (facts) =>
    (facts.motorType === "shaded-pole" || facts.motorType === "split-phase") && !hasSeenCapacitor(facts)
      ? { code: "type-without-capacitor", motorType: facts.motorType }
      : null,
  // Of a split-phase motor people also say so when they mean one with a start capacitor: where a charge could hurt, it is asked for.
  charge: (facts) =>
    facts.motorType === "shaded-pole" && !hasSeenCapacitor(facts) ? { code: "type-without-capacitor", motorType: facts.motorType } : null,
  // A kit is put on many a compressor's permanent-split motor; on a fan there is nothing to look for.
  "start-gear": ({ motorType, machineKind, startGear }) =>
    (startGear === null || startGear === "none") &&
    (motorType === "shaded-pole" || (motorType === "psc" && (machineKind === "fan" || machineKind === "blower")))
      ? { code: "type-without-start-gear", motorType }
      : null,
  "start-lead": ({ motorType }) => (motorType === "shaded-pole" ? { code: "type-without-start-lead", motorType } : null),
  shaft: onShell,
  bearings: onShell,
  load: onShell,
  balls: (facts) => onShell(facts) ?? (facts.hasSleeves === true && Object.keys(facts.bearings).length === 0 ? { code: "sleeves" } : null),
};

/**
 * Why this motor is taken to lack a part; what is not known is not lacking.
 * @param part which part
 * @param facts what is known of the motor
 * @returns the reason; null: it has it, or may have it
 */
export const absenceOf = (part: Trait, facts: Facts): Absence | null => ABSENT[part](facts);

/** Figures of a run that need a part. */
const RUN_FIELD_NEEDS: Partial<Record<RunField, Trait>> = { capacitorVolts: "capacitor", startAmps: "start-lead", coastDown: "shaft" };

/**
 * Whether a figure of a run can be taken on this motor.
 * @param field which figure
 * @param facts what is known of the motor
 * @returns true when it can
 */
export function isRunFieldOn(field: RunField, facts: Facts): boolean {
  const part = RUN_FIELD_NEEDS[field];
  return part === undefined || absenceOf(part, facts) === null;
}

/** Machines that may burn gas; of the others nobody is asked. */
const MAY_BURN: readonly MachineKind[] = ["fan", "blower", "drum", "other"];

/**
 * Whether it is worth asking if a machine burns gas.
 * @param machineKind which machine
 * @returns true when some of its kind do
 */
export const mayBurnGas = (machineKind: MachineKind): boolean => MAY_BURN.includes(machineKind);
