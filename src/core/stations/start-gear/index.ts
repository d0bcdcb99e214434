import { field, recordOf } from "../../fields";
import type { Finding } from "../../diagnosis";
import type { HouseFigures } from "../../house";
import { typedFigure, type Entry, type Slip, type WorkingStep } from "../../quantity";
import {
  alsoWrong,
  GEAR_REPAIRS,
  gearMeasures,
  gearRow,
  judgeGear,
  usualGear,
  type GearRepair,
  type GearSort,
  type GearTexts,
  type GearVerdict,
} from "../../startgear";
import { defineStation, plainAssessment, type Stamp } from "../../station";

import { startGearMigrations } from "./migrations";

export const startGearRecord = recordOf({ ...gearMeasures.fields, note: field.note() });
export type StartGearRecord = typeof startGearRecord.blank;
export const BLANK_START_GEAR: StartGearRecord = startGearRecord.blank;

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
  "press-first": "unsure",
};

function findingOf(sort: GearSort, verdict: GearVerdict): Finding | null {
  const { test, outcomes } = gearRow(sort);
  const outcome = outcomes[verdict];
  return test && outcome !== undefined ? { test, weights: { [outcome]: 1 } } : null;
}

function workingOf({ sort, switch: gear, relay, ptc, timed }: StartGearRecord, house: HouseFigures): WorkingStep[] {
  const working = sort === null ? undefined : gearRow(sort).working;
  if (!working) return [];
  const shown = (found: Entry | null): string => (found ? typedFigure(found) : "");
  const texts: GearTexts = {
    switch: { atRest: shown(gear.atRest), actuated: shown(gear.actuated) },
    relay: { coil: shown(relay.coil), contact: shown(relay.contact) },
    ptc: { cold: shown(ptc.cold), hot: shown(ptc.hot) },
    timed: { contact: shown(timed.contact) },
  };
  const { what, formula, numbers, source } = working;
  return [{ what, formula, numbers: numbers(texts, house), result: "see the stamp", source }];
}

/** Start gear: centrifugal switch, potential relay, current relay or PTC; what the pattern means and how it is mended. */
export const startGearStation = defineStation({
  definition: {
    id: "start-gear",
    power: "dead",
    reads: ["start-gear"],
    minutes: 6,
    tests: ["switch-ohms", "relay-ohms", "ptc-ohms"],
    needs: "start-gear",
    cautions: ["motor-at-rest", "stored-charge", "mark-wires"],
  },
  ...startGearRecord,
  migrations: startGearMigrations,
  lasts: ({ sort }) => ({ sort }),
  assess(record, { facts, house }) {
    const sortsLikely = usualGear(facts.motorType);
    const row = record.sort === null ? null : gearRow(record.sort);
    const { signs, verdict, coilSlip, isPluggedIn, isUnplugAsked } = judgeGear(record, house);
    const isNone = record.sort === "none" || (record.sort === null && sortsLikely.length === 1 && sortsLikely[0] === "none");
    const detail: StartGearDetail = {
      sort: record.sort,
      verdict,
      repair: verdict ? GEAR_REPAIRS[verdict] : "none",
      also:
        row?.measuredAs === "switch" && verdict
          ? alsoWrong(verdict, signs.switch).map((each) => ({ verdict: each, repair: GEAR_REPAIRS[each] }))
          : [],
      isPluggedIn,
      isUnplugAsked,
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
      facts: { startGear: record.sort, gearFound: record.sort === null ? null : record },
      findings: finding ? [finding] : [],
      openTests: stamp === "not-done" || verdict === "press-first" ? [...new Set(asked.flatMap((sort) => gearRow(sort).test ?? []))] : [],
      working: verdict && verdict !== "more-needed" ? workingOf(record, house) : [],
    });
  },
});
