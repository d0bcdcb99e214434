import { type Facts, plateCapacitorFor } from "@/core/facts";
import { readPlain } from "@/core/station";
import { neededCapacitor, type Wanted } from "@/core/capacitor";
import type { CapacitorRecord } from "@/core/stations/capacitor";
import type { LabelDetail } from "./sentences";

/** What the place asks for: the plate's word before the label's, of both voltages the higher, and the size as keyed. */
export function toWanted(record: CapacitorRecord, { label, sections }: LabelDetail, facts: Facts): Wanted {
  // The plate names the value, the label of a right part its tolerance and mark.
  const plate = plateCapacitorFor(facts, label.kind);
  const asked = plate ?? label;
  const measuredV = sections.flatMap(({ volts }) => (volts ? [volts.measuredV] : []));
  const atLeastV = Math.max(neededCapacitor(plate, label)?.atLeastV ?? 0, ...measuredV);
  return {
    label: { ...asked, hasLineMark: asked.hasLineMark || label.hasLineMark },
    atLeastV: atLeastV > 0 ? atLeastV : null,
    frequencyHz: facts.frequencyHz ?? label.frequencyHz[0] ?? null,
    ambientC: readPlain(record.place.ambientC, "ambient").value,
    coldestC: readPlain(record.place.coldestC, "ambient").value ?? label.temperature?.minC ?? null,
    strapDiameterMm: readPlain(record.place.strapMm, "strap").value,
    spaceHeightMm: readPlain(record.place.heightMm, "height").value,
    terminals: readPlain(record.place.terminals, "terminals").value,
  };
}
