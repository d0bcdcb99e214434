import { field, recordOf } from "../../fields";
import { defineStation, plainAssessment, type Stamp } from "../../station";
import * as v from "valibot";
import type { FigureSize, Finding } from "../../diagnosis";
import { figureOf, EntrySchema, formatQuantity, type Entry } from "../../quantity";
import { frameMigrations } from "./migrations";

const MOST_LEADS = 12;
export const frameRecord = recordOf({
  /** each lead to bare metal */
  readings: field.own(v.pipe(v.array(v.nullable(EntrySchema)), v.maxLength(MOST_LEADS)), []),
  /** continuity beeper on every lead: it beeped on one, or on none */
  beeps: field.yesNo(),
  /** once what was faulty is out: every lead of what is in there now to the frame, the lowest reading */
  again: field.group({ isPartOut: field.flag(), reading: field.reading("resistance") }),
  note: field.note(),
});
export type FrameRecord = typeof frameRecord.blank;

export interface FrameDetail {
  readonly state: "not-done" | "some" | "clear" | "leaks" | "grounded" | "beeped" | "no-beep";
  readonly measured: number;
  /** lead with the lowest reading, and the reading; null while all are clear */
  readonly worst: { readonly lead: number; readonly ohm: number } | null;
  /** every lead that reads, the lowest first */
  readonly reads: readonly { readonly lead: number; readonly ohm: number }[];
  readonly leadNames: readonly string[];
  /** lowest reading is high enough to be fingers on the tips or damp: worth one more look before condemning */
  readonly isWorthRepeating: boolean;
  /** it was wet, and the reading is one that water makes: dried out it may be sound */
  readonly mayBeWater: boolean;
  /** somebody spoke of a trip, which a path to the frame explains */
  readonly doesTrip: boolean;
  /** the frame test after the faulty part came out; `open`: it is to be made */
  readonly again: "open" | "still-grounded" | "clear";
}

/** Skin across two probe tips reads from some 100 kΩ up. */
const FINGERS_OHM = 100_000;
/** Water reads from some kilo-ohms up; less than this is copper on iron. Trade judgement. */
const WATER_FROM_OHM = 1000;
/** A path through damp or char reads half or twice as much a moment later: a standard uncertainty in decades. */
const OHM_DECADES = 0.1;

const ohmOf = (entry: Entry | null): number | null => figureOf(entry)?.value ?? null;

/** A beeper ends near 30 Ω: silence leaves leaks of kilo-ohms possible. */
const BEEP_FINDINGS: Partial<Record<FrameDetail["state"], Finding[]>> = {
  beeped: [{ test: "frame-ohms", weights: { grounded: 1 } }],
  "no-beep": [{ test: "frame-ohms", weights: { clear: 0.7, leaks: 0.2, grounded: 0.1 } }],
};

/** Power returns over a ground fault only when what was faulty is out and its frame test was repeated. */
function againOf({ again: { isPartOut, reading } }: FrameRecord, limitOhm: number): FrameDetail["again"] {
  if (!isPartOut || reading?.reading == null) return "open";
  return (ohmOf(reading) ?? Infinity) < limitOhm ? "still-grounded" : "clear";
}

/** Each lead to the frame: any ohms at all on an ohmmeter is a ground fault; OL does not prove insulation. */
export const frameStation = defineStation({
  definition: {
    id: "frame",
    power: "dead",
    reads: ["frame"],
    minutes: 2,
    tests: ["frame-ohms"],
    cautions: ["bare-metal", "pressurised-terminals"],
  },
  ...frameRecord,
  migrations: frameMigrations,
  assess(record, { facts, house }) {
    const limitOhm = house.frameLimitMegohm * 1e6;
    const { leadNames } = facts;
    const read = leadNames.map((_, lead) => record.readings[lead] ?? null);
    const measured = read.filter((entry) => entry?.reading != null).length;
    const low = read
      .flatMap((entry, lead) => {
        const ohm = ohmOf(entry);
        return ohm === null ? [] : [{ lead, ohm }];
      })
      .sort((a, b) => a.ohm - b.ohm);
    const worst = low[0] ?? null;
    const isGrounded = worst !== null && worst.ohm < limitOhm;
    const byOhms = isGrounded
      ? "grounded"
      : measured < leadNames.length
        ? measured === 0
          ? "not-done"
          : "some"
        : worst
          ? "leaks"
          : "clear";
    // A beep is a path of a few ohms whatever the other leads read; silence says less than ohms do.
    const state = record.beeps === true && !isGrounded ? "beeped" : record.beeps === false && byOhms === "not-done" ? "no-beep" : byOhms;
    const stamp: Record<FrameDetail["state"], Stamp> = {
      "not-done": "not-done",
      some: "not-done",
      clear: "holds",
      leaks: "noted",
      grounded: "out",
      beeped: "out",
      "no-beep": "noted",
    };
    const sizes: readonly FigureSize[] = worst ? [{ of: "frame-ohm", at: worst.ohm, spread: OHM_DECADES }] : [];
    const findings: Finding[] =
      state === "grounded"
        ? [{ test: "frame-ohms", weights: (worst?.ohm ?? 0) < FINGERS_OHM ? { grounded: 1 } : { grounded: 0.7, leaks: 0.3 }, sizes }]
        : state === "clear"
          ? [{ test: "frame-ohms", weights: { clear: 1 } }]
          : state === "leaks"
            ? [{ test: "frame-ohms", weights: { leaks: 1 }, sizes }]
            : (BEEP_FINDINGS[state] ?? []);
    const again = againOf(record, limitOhm);
    const detail: FrameDetail = {
      again,
      state,
      measured,
      worst,
      reads: low,
      leadNames,
      isWorthRepeating: isGrounded && worst.ohm >= FINGERS_OHM,
      mayBeWater: isGrounded && worst.ohm >= WATER_FROM_OHM && facts.history.includes("water"),
      doesTrip: facts.mayTrip,
    };
    return plainAssessment(stamp[state], detail, {
      findings,
      facts: { isGrounded: state === "grounded" || state === "beeped", isGroundCleared: again === "clear" },
      working: worst
        ? [
            {
              what: "To the frame",
              formula: "any reading below the limit is a ground fault",
              numbers: `lowest ${formatQuantity("resistance", worst.ohm)}, limit ${formatQuantity("resistance", limitOhm)}`,
              result: isGrounded ? "ground fault" : "above the limit",
              source: "house rule; an ohmmeter on sound insulation shows OL",
            },
          ]
        : [],
    });
  },
});
