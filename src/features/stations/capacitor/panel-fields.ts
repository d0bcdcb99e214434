import { capacitorRecord } from "@/core/stations/capacitor";
import { formatNumber } from "@/core/quantity";
import { rowsOf } from "@/features/form/rows";
import type { InstrumentProps } from "../../station/contract";
import type { CapacitorDetail } from "./sentences";

type Given = InstrumentProps<"capacitor", CapacitorDetail>;

/* Rows of the panels that are opened: they come with their panel. */

export const DISCHARGE_ROWS = rowsOf<Given>()(capacitorRecord, {
  "discharge.school": { label: "How", words: { resistor: "Resistor, then measure", short: "Screwdriver, then measure" } },
  "discharge.resistor": {
    label: "Resistor",
    known: ({ house }) => `${formatNumber(house.figures.dischargeResistorOhm / 1000, 1)}k`,
  },
  "discharge.resistorW": { label: "Its rating", known: ({ house }) => formatNumber(house.figures.dischargeResistorW, 0) },
  "discharge.chargedFrom": {
    label: "Charged from, rms",
    known: ({ assessment: { detail } }) => (detail.state === "label" ? formatNumber(detail.discharge.chargedFromV, 0) : undefined),
  },
  "discharge.remaining": { label: "Volts left on it, measured", size: "large" },
});

export const START_ROWS = rowsOf<Given>()(capacitorRecord, {
  hasBleed: { label: "Across the start part" },
  kit: { label: "Which sort", words: { ptc: "PTC kit", "potential-relay": "Potential relay and start capacitor" } },
});

/** The place a part must fit. */
export const PLACE_ROWS = rowsOf<Pick<Given, "record" | "house" | "change">>()(capacitorRecord, {
  "place.strapMm": { label: "Strap, diameter" },
  "place.heightMm": { label: "Height free" },
  "place.ambientC": { label: "Hottest air around it" },
  "place.coldestC": { label: "Coldest air around it" },
  "place.terminals": { label: "Terminals" },
});
