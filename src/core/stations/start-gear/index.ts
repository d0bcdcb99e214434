import * as v from "valibot";
import { GEAR_SORTS, type Finding, type GearSort, type TestId } from "../../diagnosis";
import type { HouseFigures } from "../../house";
import type { MotorType } from "../../motor";
import { figureOf, EntrySchema, formatQuantity, type Entry, byBands, findSlip, type Slip, type SlipJudge } from "../../quantity";
import {
  alsoWrong,
  contactState,
  GEAR_REPAIRS,
  judgeCurrentRelay,
  judgePotentialRelay,
  judgePtc,
  judgeSwitch,
  type ContactState,
  type GearRepair,
  type GearVerdict,
  type SwitchSigns,
} from "../../startgear";
import { defineStation, plainAssessment, type Stamp, type WorkingStep } from "../contract";
import { NoteSchema } from "../fields";

export { GEAR_SORTS, type GearSort } from "../../diagnosis";

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

const SWITCH_OUTCOMES = { works: "works", welded: "welded", "not-pressed": "not-pressed" } as const;
const RELAY_OUTCOMES: Partial<Record<GearVerdict, "works" | "coil-open" | "contact-open" | "welded">> = {
  works: "works",
  "coil-open": "coil-open",
  "coil-low": "coil-open",
  "contact-open": "contact-open",
  welded: "welded",
};
const PTC_OUTCOMES: Partial<Record<GearVerdict, "works" | "open" | "low">> = {
  works: "works",
  "ptc-open": "open",
  "ptc-high": "open",
  "ptc-low": "low",
  "ptc-cold-when-hot": "low",
};

function findingOf(sort: GearSort, verdict: GearVerdict): Finding | null {
  if (verdict === "more-needed" || verdict === "other-path") return null;
  if (sort === "switch") {
    const outcome = verdict in SWITCH_OUTCOMES ? SWITCH_OUTCOMES[verdict as keyof typeof SWITCH_OUTCOMES] : "open-at-rest";
    return { test: "switch-ohms", weights: { [outcome]: 1 } };
  }
  if (sort === "ptc") {
    const outcome = PTC_OUTCOMES[verdict];
    return outcome ? { test: "ptc-ohms", weights: { [outcome]: 1 } } : null;
  }
  const outcome = RELAY_OUTCOMES[verdict];
  return outcome ? { test: "relay-ohms", weights: { [outcome]: 1 } } : null;
}

/** Start gear that motors of a type usually have; it decides which test is proposed. */
const USUAL_GEAR: Record<MotorType, readonly GearSort[]> = {
  psc: ["none"],
  "cap-start": ["switch", "potential-relay"],
  "cap-start-run": ["switch", "potential-relay"],
  "split-phase": ["switch", "current-relay", "ptc"],
  "shaded-pole": ["none"],
  unknown: ["switch", "none"],
};
const TEST_OF: Record<GearSort, TestId | null> = {
  switch: "switch-ohms",
  "potential-relay": "relay-ohms",
  "current-relay": "relay-ohms",
  ptc: "ptc-ohms",
  none: null,
};

const ohmsOf = (found: Entry | null): number | null => {
  return found?.reading ? (figureOf(found)?.value ?? Infinity) : null;
};

/** A coil of a few ohms is a short; one of a few ohms typed without its k is commoner. */
const coilJudge = (house: HouseFigures): SlipJudge =>
  byBands(
    { low: house.relayCoilLowOhm / 20, high: 20 * house.relayCoilHighOhm },
    { low: house.relayCoilLowOhm, high: house.relayCoilHighOhm },
    ["prefix", "point"],
  );

function contactOf(found: Entry | null, house: HouseFigures): ContactState {
  const ohm = ohmsOf(found);
  return contactState(ohm === Infinity ? null : ohm, ohm === Infinity, { closedOhm: house.contactOhm, leadOhm: house.leadResistanceOhm });
}

/** What is seen and measured at the switch. */
function switchSigns({ switch: found }: StartGearRecord, house: HouseFigures): SwitchSigns {
  const { atRest, actuated, isCoverSeated, travel, contacts } = found;
  return { atRest: contactOf(atRest, house), actuated: contactOf(actuated, house), isCoverSeated, travel, contacts };
}

const isRelay = (sort: GearSort | null): boolean => sort === "potential-relay" || sort === "current-relay";
const hasRelayFigures = ({ relay }: StartGearRecord): boolean => [relay.coil, relay.contact].some((found) => found?.reading != null);

function judge(record: StartGearRecord, house: HouseFigures): GearVerdict | null {
  const contact = (found: Entry | null): ContactState => contactOf(found, house);
  // In its circuit a relay's figures are those of whatever lies across it.
  if (isRelay(record.sort) && record.relay.isUnplugged !== true) return "more-needed";
  switch (record.sort) {
    case "switch":
      return judgeSwitch(switchSigns(record, house));
    case "potential-relay":
      return judgePotentialRelay(ohmsOf(record.relay.coil), contact(record.relay.contact), house.relayCoilLowOhm, house.relayCoilHighOhm);
    case "current-relay":
      return judgeCurrentRelay(contact(record.relay.coil), contact(record.relay.contact));
    case "ptc":
      return judgePtc(
        { coldOhm: ohmsOf(record.ptc.cold), hotOhm: ohmsOf(record.ptc.hot), isCold: record.ptc.isCold },
        { low: house.ptcColdLowOhm, high: house.ptcColdHighOhm, hot: house.ptcHotOhm },
      );
    case "none":
    case null:
      return null;
  }
}

function workingOf(record: StartGearRecord, house: HouseFigures): WorkingStep[] {
  const ohm = (value: number): string => formatQuantity("resistance", value);
  const shown = (found: Entry | null): string => found?.text.trim() ?? "";
  const rows: Partial<Record<GearSort, WorkingStep>> = {
    switch: {
      what: "Start switch",
      formula: "closed at rest: reading − test leads ≤ limit; open when actuated",
      numbers: `at rest ${shown(record.switch.atRest)}, actuated ${shown(record.switch.actuated)}, limit ${ohm(house.contactOhm)}`,
      result: "see the stamp",
      source: "house rule for closed contacts",
    },
    "potential-relay": {
      what: "Potential relay",
      formula: "coil between its limits; contacts closed at rest",
      numbers: `coil ${shown(record.relay.coil)}, contacts ${shown(record.relay.contact)}; coil ${ohm(house.relayCoilLowOhm)} to ${ohm(house.relayCoilHighOhm)}`,
      result: "see the stamp",
      source: "house rules; the maker's figures come first",
    },
    ptc: {
      what: "PTC",
      formula: "cold between its limits; hot above its own",
      numbers: `cold ${shown(record.ptc.cold)}; ${ohm(house.ptcColdLowOhm)} to ${ohm(house.ptcColdHighOhm)}; hot at least ${ohm(house.ptcHotOhm)}`,
      result: "see the stamp",
      source: "house rules; the maker's figures come first",
    },
  };
  const step = record.sort ? rows[record.sort] : undefined;
  return step ? [step] : [];
}

/** Start gear: centrifugal switch, potential relay, current relay or PTC; what the pattern means and how it is mended. */
export const startGearStation = defineStation({
  definition: {
    id: "start-gear",
    power: "dead",
    minutes: 6,
    tests: ["switch-ohms", "relay-ohms", "ptc-ohms"],
    cautions: ["motor-at-rest", "stored-charge"],
  },
  schema,
  blank: BLANK_START_GEAR,
  assess(record, { facts, house }) {
    const sortsLikely = USUAL_GEAR[facts.motorType];
    const coilSlip = record.sort === "potential-relay" ? findSlip(record.relay.coil, "resistance", coilJudge(house)) : null;
    const verdict = coilSlip === null ? judge(record, house) : null;
    const isNone = record.sort === "none" || (record.sort === null && sortsLikely.length === 1 && sortsLikely[0] === "none");
    const detail: StartGearDetail = {
      sort: record.sort,
      verdict,
      repair: verdict ? GEAR_REPAIRS[verdict] : "none",
      also:
        record.sort === "switch" && verdict
          ? alsoWrong(verdict, switchSigns(record, house)).map((each) => ({ verdict: each, repair: GEAR_REPAIRS[each] }))
          : [],
      isPluggedIn: isRelay(record.sort) && record.relay.isUnplugged === false,
      isUnplugAsked: isRelay(record.sort) && record.relay.isUnplugged === null && hasRelayFigures(record),
      isClickMissing: record.switch.clicksBack === false,
      sortsLikely,
      coilSlip,
    };
    // A switch whose return was not heard, or whose weights hang, is not sound yet.
    const isDoubtful = verdict === "works" && record.sort === "switch" && (detail.isClickMissing || detail.also.length > 0);
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
      openTests: stamp === "not-done" ? [...new Set(asked.flatMap((sort) => TEST_OF[sort] ?? []))] : [],
      working: verdict && verdict !== "more-needed" ? workingOf(record, house) : [],
    });
  },
});
