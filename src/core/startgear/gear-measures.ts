import { field, recordOf } from "../fields";
import type { HouseFigures } from "../house";
import { figureOf, findSlip, type Entry, type Slip } from "../quantity";
import { GEAR_SORTS, gearRow, type GearSigns, type GearSort } from "./gear-table";
import { contactState, LETS_GO, type ContactState, type GearVerdict } from "./patterns";

/** What hand and meter found of start gear, fitted or on its way in. Field names are persisted: do not change without a migration. */
export const gearMeasures = recordOf({
  sort: field.oneOf(GEAR_SORTS),
  switch: field.group({
    isCoverSeated: field.yesNo(),
    atRest: field.reading("resistance"),
    actuated: field.reading("resistance"),
    clicksBack: field.yesNo(),
    travel: field.oneOf(["moves", "gummed", "not-pressed"]),
    contacts: field.oneOf(["clean", "dirty", "burnt"]),
  }),
  relay: field.group({ isUnplugged: field.yesNo(), coil: field.reading("resistance"), contact: field.reading("resistance") }),
  ptc: field.group({ isCold: field.yesNo(), cold: field.reading("resistance"), hot: field.reading("resistance") }),
  /** a time relay, or electronics in place of contacts */
  timed: field.group({ contact: field.reading("resistance"), letsGo: field.oneOf(LETS_GO) }),
});
export const GearMeasuresSchema = gearMeasures.schema;
export type GearMeasures = typeof gearMeasures.blank;

export const BLANK_GEAR: GearMeasures = gearMeasures.blank;

const ohmsOf = (found: Entry | null): number | null => {
  return found?.reading ? (figureOf(found)?.value ?? Infinity) : null;
};

function contactOf(found: Entry | null, house: HouseFigures): ContactState {
  const ohm = ohmsOf(found);
  return contactState(ohm === Infinity ? null : ohm, ohm === Infinity, { closedOhm: house.contactOhm, leadOhm: house.leadResistanceOhm });
}

/** What was seen and measured, as the table judges it. */
function signsOf({ switch: found, relay, ptc, timed }: GearMeasures, house: HouseFigures): GearSigns {
  const { atRest, actuated, isCoverSeated, travel, contacts } = found;
  return {
    switch: { atRest: contactOf(atRest, house), actuated: contactOf(actuated, house), isCoverSeated, travel, contacts },
    relay: {
      coilOhm: ohmsOf(relay.coil),
      coil: contactOf(relay.coil, house),
      contact: contactOf(relay.contact, house),
      isUnplugged: relay.isUnplugged,
    },
    ptc: { coldOhm: ohmsOf(ptc.cold), hotOhm: ohmsOf(ptc.hot), isCold: ptc.isCold },
    timed: { contact: contactOf(timed.contact, house), letsGo: timed.letsGo },
  };
}

const isRelay = (sort: GearSort | null): boolean => sort !== null && gearRow(sort).measuredAs === "relay";

/** Start gear by what was measured of it. */
export interface JudgedGear {
  readonly signs: GearSigns;
  /** null: nothing is picked, nothing is fitted, or a figure is to be asked again */
  readonly verdict: GearVerdict | null;
  /** the coil's figure looks like one without its k */
  readonly coilSlip: Slip | null;
  /** a relay measured in its circuit: other paths count in, so its figures are not judged */
  readonly isPluggedIn: boolean;
  /** figures of a relay, and nobody said whether it was unplugged */
  readonly isUnplugAsked: boolean;
}

/**
 * Judges start gear by the row of its sort.
 * @param measures what hand and meter found
 * @param house house rules in force
 * @returns its verdict, or what has to be asked before there is one
 */
export function judgeGear(measures: GearMeasures, house: HouseFigures): JudgedGear {
  const { sort, relay } = measures;
  const signs = signsOf(measures, house);
  const coilJudge = sort === null ? null : (gearRow(sort).coilJudge?.(house) ?? null);
  const coilSlip = coilJudge && findSlip(relay.coil, "resistance", coilJudge);
  const hasFigures = [relay.coil, relay.contact].some((found) => found?.reading != null);
  const verdict =
    sort === null || coilSlip !== null
      ? null
      : // In its circuit a relay's figures are those of whatever lies across it.
        isRelay(sort) && relay.isUnplugged !== true
        ? "more-needed"
        : gearRow(sort).judge(signs, house);
  return {
    signs,
    verdict,
    coilSlip,
    isPluggedIn: isRelay(sort) && relay.isUnplugged === false,
    isUnplugAsked: isRelay(sort) && relay.isUnplugged === null && hasFigures,
  };
}
