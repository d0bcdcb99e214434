import { capacitorRecord } from "@/core/stations/capacitor";
import { formatNumber } from "@/core/quantity";
import { rowsOf } from "@/features/form/rows";
import type { InstrumentProps } from "../../station/contract";
import type { CapacitorDetail } from "./sentences";

/** Beside the label, and one line a section of it for each method. */
export const ROWS = rowsOf<InstrumentProps<"capacitor", CapacitorDetail>>()(capacitorRecord, {
  overLimit: {
    label: "OL: many meters end at 100 or 200 µF. Look on ohms, and say which",
    words: { "beyond-range": "Beyond this meter's range", shorted: "Shorted: near zero on ohms" },
  },
  isIsolated: { label: "Disconnected on at least one side" },
  settles: { label: "The figure settled" },
  "running.hertz": {
    label: ({ facts }) => (facts.frequencyHz === null ? "Supply" : `Supply (plate: ${facts.frequencyHz} Hz)`),
    words: { 50: "50 Hz", 60: "60 Hz" },
  },
  "running.isStartDeviceOut": { label: "Start capacitor, relay or kit is out of that lead" },
  "swing.rangeEnd": {
    label: "End of the ohm range in use",
    known: ({ house }) => `${formatNumber(house.figures.swingRangeOhm / 1000, 0)}k`,
  },
  looksBad: { label: "Bulged, vented, leaking or burnt" },
  note: { label: "Note", rows: 1 },
});
