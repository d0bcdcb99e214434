import { gearMeasures, type GearMeasures, type GearSort } from "@/core/startgear";
import type { Slip } from "@/core/quantity";
import { rowsOf, type Form } from "@/features/form/rows";
import { GEAR_VIEWS } from "./gear-views";

/** Start gear on the motor, or on its way in. */
export interface GearForm extends Form<GearMeasures> {
  readonly sort: GearSort;
  readonly coilSlip: Slip | null;
}

const named =
  (what: string, of: "coil" | "contact") =>
  ({ sort }: GearForm) =>
    `${what} ${GEAR_VIEWS[sort].relay?.[of] ?? ""}`.trim();

/** What hand and meter find of it; which of them are asked goes by how its sort is measured. */
export const GEAR_ROWS = rowsOf<GearForm>()(gearMeasures, {
  "switch.isCoverSeated": { label: "Cover and end bell seated all round" },
  "switch.atRest": { label: "At rest" },
  "switch.actuated": { label: "Actuated by hand" },
  "switch.travel": {
    label: "Weights and disc",
    words: { moves: "Moves freely", gummed: "Gummed, slow", "not-pressed": "Disc not pressed" },
  },
  "switch.contacts": { label: "Contacts", words: { clean: "Clean", dirty: "Dirty, pitted", burnt: "Burnt away" } },
  "switch.clicksBack": { label: "Clicks back when the motor stops" },
  "relay.isUnplugged": { label: "Unplugged from the circuit" },
  "relay.coil": { label: named("Coil", "coil"), slip: ({ coilSlip }) => coilSlip, slipWhy: "a potential relay's coil" },
  "relay.contact": { label: named("Contacts", "contact") },
  "ptc.isCold": { label: "Cold: ten minutes or more off" },
  "ptc.cold": { label: "Cold" },
  "ptc.hot": { label: "Hot, just after a run" },
  "timed.contact": { label: "Contact at rest, out of circuit" },
  "timed.letsGo": {
    label: "Amps of the start winding, while it starts",
    words: { "in-time": "End within a second", late: "End late", never: "Stay", "no-start": "Never flow" },
  },
});
