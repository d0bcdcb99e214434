import { neededCapacitor, type Wanted } from "../../capacitor";
import { type Facts, plateCapacitorFor } from "../../facts";
import { plainAt } from "../../fields";
import type { CapacitorDetail } from "./judge-part";
import { capacitorRecord, type CapacitorRecord } from "./record";

type Labelled = Extract<CapacitorDetail, { state: "label" }>;
const { place: PLACE } = capacitorRecord.fields;

/**
 * What the place of a capacitor asks for: the plate's word before the label's, of both voltages the higher, and the size as keyed.
 * @param record what was keyed
 * @param detail the part as it is judged
 * @param facts what is known of the motor
 * @returns what a part must be to fit there
 */
export function toWanted({ place }: Pick<CapacitorRecord, "place">, { label, sections }: Labelled, facts: Facts): Wanted {
  // The plate names the value, the label of a right part its tolerance and mark.
  const plate = plateCapacitorFor(facts, label.kind);
  const asked = plate ?? label;
  const measuredV = sections.flatMap(({ volts }) => (volts ? [volts.measuredV] : []));
  const atLeastV = Math.max(neededCapacitor(plate, label)?.atLeastV ?? 0, ...measuredV);
  return {
    label: { ...asked, hasLineMark: asked.hasLineMark || label.hasLineMark },
    atLeastV: atLeastV > 0 ? atLeastV : null,
    frequencyHz: facts.frequencyHz ?? label.frequencyHz[0] ?? null,
    ambientC: plainAt(PLACE, place, "ambientC").value,
    coldestC: plainAt(PLACE, place, "coldestC").value ?? label.temperature?.minC ?? null,
    strapDiameterMm: plainAt(PLACE, place, "strapMm").value,
    spaceHeightMm: plainAt(PLACE, place, "heightMm").value,
    terminals: plainAt(PLACE, place, "terminals").value,
  };
}
