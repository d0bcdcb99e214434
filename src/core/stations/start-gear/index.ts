import * as v from "valibot";
import type { Finding } from "../../diagnosis";
import type { HouseFigures } from "../../house";
import { EntrySchema, figureOf, findSlip, typedFigure, type Entry, type Slip, type WorkingStep } from "../../quantity";
import {
  alsoWrong,
  contactState,
  GEAR_REPAIRS,
  GEAR_SORTS,
  gearRow,
  usualGear,
  type ContactState,
  type GearRepair,
  type GearSigns,
  type GearSort,
  type GearTexts,
  type GearVerdict,
} from "../../startgear";
import { defineStation, NoteSchema, plainAssessment, type Stamp } from "../../station";

const entry = v.nullable(EntrySchema);
const yesNo = v.nullable(v.boolean());

const schema = v.object({
  sort: v.nullable(v.picklist(GEAR_SORTS)),
  switch: v.object({
    isCoverSeated: yesNo,
    atRest: entry,
    actuated: entry,
    clicksBack: yesNo,
    travel: v.nullable(v.picklist(["moves", "gummed", "not-pressed"])),
    contacts: v.nullable(v.picklist(["clean", "dirty", "burnt"])),
  }),
  relay: v.object({ isUnplugged: yesNo, coil: entry, contact: entry }),
  ptc: v.object({ isCold: yesNo, cold: entry, hot: entry }),
  note: NoteSchema,
});
export type StartGearRecord = v.InferOutput<typeof schema>;

export const BLANK_START_GEAR: StartGearRecord = {
  sort: null,
  switch: { isCoverSeated: null, atRest: null, actuated: null, clicksBack: null, travel: null, contacts: null },
  relay: { isUnplugged: null, coil: null, contact: null },
  ptc: { isCold: null, cold: null, hot: null },
  note: "",
};

export interface StartGearDetail {
  readonly sort: GearSort | null;
  /** null while nothing is picked, or nothing is fitted */
  readonly verdict: GearVerdict | null;
  readonly repair: GearRepair;
  /** wrong beside it, each with its repair */
  readonly also: readonly { readonly verdict: GearVerdict; readonly repair: GearRepair }[];
  /** relay measured in its circuit: other paths count in, so its figures are not judged */
  readonly isPluggedIn: boolean;
  /** figures of a relay, and nobody said whether it was unplugged */
  readonly isUnplugAsked: boolean;
  /** the click on stopping was missed though the switch opens and closes */
  readonly isClickMissing: boolean;
  readonly sortsLikely: readonly GearSort[];
  /** the coil's figure looks like one without its k */
  readonly coilSlip: Slip | null;
}

const STAMPS: Partial<Record<GearVerdict, Stamp>> = {
  works: "holds",
  "more-needed": "not-done",
  "ptc-hot": "too-close",
  "coil-high": "too-close",
  "other-path": "too-close",
};

function findingOf(sort: GearSort, verdict: GearVerdict): Finding | null {
  const { test, outcomes } = gearRow(sort);
  const outcome = outcomes[verdict];
  return test && outcome !== undefined ? { test, weights: { [outcome]: 1 } } : null;
}

const ohmsOf = (found: Entry | null): number | null => {
  return found?.reading ? (figureOf(found)?.value ?? Infinity) : null;
};

function contactOf(found: Entry | null, house: HouseFigures): ContactState {
  const ohm = ohmsOf(found);
  return contactState(ohm === Infinity ? null : ohm, ohm === Infinity, { closedOhm: house.contactOhm, leadOhm: house.leadResistanceOhm });
}

/** What was seen and measured, as the table judges it. */
function signsOf({ switch: found, relay, ptc }: StartGearRecord, house: HouseFigures): GearSigns {
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
  };
}

const isRelay = (sort: GearSort | null): boolean => sort !== null && gearRow(sort).measuredAs === "relay";
const hasRelayFigures = ({ relay }: StartGearRecord): boolean => [relay.coil, relay.contact].some((found) => found?.reading != null);

function judge({ sort, relay }: StartGearRecord, signs: GearSigns, house: HouseFigures): GearVerdict | null {
  if (sort === null) return null;
  // In its circuit a relay's figures are those of whatever lies across it.
  if (isRelay(sort) && relay.isUnplugged !== true) return "more-needed";
  return gearRow(sort).judge(signs, house);
}

function workingOf({ sort, switch: gear, relay, ptc }: StartGearRecord, house: HouseFigures): WorkingStep[] {
  const working = sort === null ? undefined : gearRow(sort).working;
  if (!working) return [];
  const shown = (found: Entry | null): string => (found ? typedFigure(found) : "");
  const texts: GearTexts = {
    switch: { atRest: shown(gear.atRest), actuated: shown(gear.actuated) },
    relay: { coil: shown(relay.coil), contact: shown(relay.contact) },
    ptc: { cold: shown(ptc.cold), hot: shown(ptc.hot) },
  };
  const { what, formula, numbers, source } = working;
  return [{ what, formula, numbers: numbers(texts, house), result: "see the stamp", source }];
}

/** Start gear: centrifugal switch, potential relay, current relay or PTC; what the pattern means and how it is mended. */
export const startGearStation = defineStation({
  definition: {
    id: "start-gear",
    power: "dead",
    minutes: 6,
    tests: ["switch-ohms", "relay-ohms", "ptc-ohms"],
    needs: "start-gear",
    cautions: ["motor-at-rest", "stored-charge", "mark-wires"],
  },
  schema,
  blank: BLANK_START_GEAR,
  assess(record, { facts, house }) {
    const sortsLikely = usualGear(facts.motorType);
    const row = record.sort === null ? null : gearRow(record.sort);
    const coilJudge = row?.coilJudge?.(house) ?? null;
    const coilSlip = coilJudge && findSlip(record.relay.coil, "resistance", coilJudge);
    const signs = signsOf(record, house);
    const verdict = coilSlip === null ? judge(record, signs, house) : null;
    const isNone = record.sort === "none" || (record.sort === null && sortsLikely.length === 1 && sortsLikely[0] === "none");
    const detail: StartGearDetail = {
      sort: record.sort,
      verdict,
      repair: verdict ? GEAR_REPAIRS[verdict] : "none",
      also:
        row?.measuredAs === "switch" && verdict
          ? alsoWrong(verdict, signs.switch).map((each) => ({ verdict: each, repair: GEAR_REPAIRS[each] }))
          : [],
      isPluggedIn: isRelay(record.sort) && record.relay.isUnplugged === false,
      isUnplugAsked: isRelay(record.sort) && record.relay.isUnplugged === null && hasRelayFigures(record),
      isClickMissing: record.switch.clicksBack === false,
      sortsLikely,
      coilSlip,
    };
    // A switch whose return was not heard, or whose weights hang, is not sound yet.
    const isDoubtful = verdict === "works" && row?.measuredAs === "switch" && (detail.isClickMissing || detail.also.length > 0);
    const stamp: Stamp =
      coilSlip !== null
        ? "unsure"
        : verdict === null
          ? isNone
            ? "noted"
            : "not-done"
          : isDoubtful
            ? "too-close"
            : (STAMPS[verdict] ?? "out");
    const finding = record.sort && verdict && !isDoubtful ? findingOf(record.sort, verdict) : null;
    const asked = record.sort ? [record.sort] : sortsLikely;
    return plainAssessment(stamp, detail, {
      facts: { startGear: record.sort },
      findings: finding ? [finding] : [],
      openTests: stamp === "not-done" ? [...new Set(asked.flatMap((sort) => gearRow(sort).test ?? []))] : [],
      working: verdict && verdict !== "more-needed" ? workingOf(record, house) : [],
    });
  },
});
