import { BLANK_CAPACITOR, MOST_PREVIOUS, type CapacitorRecord } from "./record";

/** It is the same part, its label was typed wrong: the readings are of the label above. */
export const keepReadings = (record: CapacitorRecord): CapacitorRecord => ({ ...record, readFor: "" });

/** It is another part: its readings start anew, those of the old part stay with the old label. */
export function startNewPart(record: CapacitorRecord): CapacitorRecord {
  const old = {
    label: record.readFor,
    readings: record.readings,
    running: record.running.sections,
    swing: record.swing.sections.map(({ behaviour }) => behaviour),
  };
  return {
    ...record,
    corrections: BLANK_CAPACITOR.corrections,
    looksBad: null,
    readings: [],
    overLimit: null,
    isIsolated: null,
    settles: null,
    running: { ...record.running, sections: [], isStartDeviceOut: null },
    swing: { ...record.swing, sections: [] },
    discharge: { ...record.discharge, startedAt: null, remaining: null },
    hasBleed: null,
    readFor: "",
    previous: [...record.previous, old].slice(-MOST_PREVIOUS),
  };
}
