import type { Facts } from "../facts";
import type { MendId } from "../job";
import type { ActionId } from "../trade";
import { absenceOf, type Trait } from "./absence";

/** Part of a motor that a work is done on; a work without a row can be done on every motor. */
const NEEDS: Readonly<Partial<Record<ActionId | MendId, Trait>>> = {
  "replace-run-capacitor": "capacitor",
  "replace-start-capacitor": "capacitor",
  "service-start-switch": "start-gear",
  "replace-start-relay": "start-gear",
  "replace-bearings": "bearings",
  "service-bearings": "bearings",
  "free-load": "load",
  "clean-contacts": "start-gear",
  "free-governor": "start-gear",
  "grease-bearings": "bearings",
  "free-rotor": "shaft",
  "clean-wheel": "shaft",
  // No wire turns a motor round whose field is turned by its shading rings.
  "turn-way-round": "start-lead",
};

/** Parts that only an induction motor on one phase starts by. */
const ONLY_OURS: readonly Trait[] = ["capacitor", "start-gear"];

/**
 * Whether a work makes sense on this motor: it has what the work is done on.
 * @param work a decision or a work without parts
 * @param facts what is known of the motor
 * @returns false only where the motor is taken to lack it
 * @example isWorkOn("clean-contacts", { ...NO_FACTS, motorType: "shaded-pole" }) -> false
 */
export function isWorkOn(work: ActionId | MendId, facts: Facts): boolean {
  const part = NEEDS[work];
  // The other way about: a rotor put in end for end turns no motor that a start winding turns.
  if (work === "turn-rotor-round") return absenceOf("start-lead", facts) !== null || facts.motorType === "unknown";
  if (facts.notOurs !== null && part !== undefined && ONLY_OURS.includes(part)) return false;
  return part === undefined || absenceOf(part, facts) === null;
}
