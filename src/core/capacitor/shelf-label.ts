import { fail, ok, type Failure, type Result } from "../result";
import { parseCapacitorLabel, type CapacitorLabel } from "./label";

/**
 * Reads the label of a capacitor that is to be kept: besides what every label needs, its volts, since no part is offered
 * for a place without them.
 * @param text as it was keyed or printed
 * @returns the label, or what of it is missing
 * @errors those of parseCapacitorLabel; 'label-no-volts'
 */
export function readShelfLabel(text: string): Result<CapacitorLabel, Failure> {
  const read = parseCapacitorLabel(text);
  if (!read.ok) return read;
  return read.value.ratedV === null ? fail({ code: "label-no-volts", text }) : ok(read.value);
}
