import { byId } from "../../kept";
import { field, recordOf } from "../../fields";
import { MomentSchema, MOST_PHOTO_CHARACTERS, photoSchema, PrintedSchema } from "../../station";
import * as v from "valibot";
import { KIT_SORTS, LABEL_PARTS, SWING_BEHAVIOURS } from "../../capacitor";
import { EntrySchema } from "../../quantity";

const MOST_SECTIONS = 3;
/** Parts tried in one place on one visit. */
export const MOST_PREVIOUS = 8;
const entry = v.nullable(EntrySchema);
const perSection = <Schema extends v.GenericSchema>(schema: Schema) => v.pipe(v.array(schema), v.maxLength(MOST_SECTIONS));

const part = byId(LABEL_PARTS, () => v.optional(PrintedSchema));

/** What OL on the capacitance range may mean. Persisted: do not change without a migration. */
const OVER_LIMITS = ["beyond-range", "shorted"] as const;
export type OverLimit = (typeof OVER_LIMITS)[number];

/** One part: its label, and what was measured of it by every method. Field names are persisted. */
const onePart = recordOf({
  label: field.printed(),
  /** what a person put right in the reading of the label */
  corrections: field.own(v.object({ parts: v.object(part), kind: v.nullable(v.picklist(["run", "start"])) }), { parts: {}, kind: null }),
  /** bulged, vented, leaking, burnt: needs no meter */
  looksBad: field.yesNo(),
  /** capacitance meter, one reading a section, in the order of the label */
  readings: field.own(perSection(entry), []),
  /** OL on the capacitance range is beyond it, or shorted: what the person found; null: not said */
  overLimit: field.oneOf(OVER_LIMITS),
  /** at least one side disconnected when it was measured */
  isIsolated: field.yesNo(),
  /** the figure came to rest */
  settles: field.yesNo(),
  running: field.group({
    sections: field.own(perSection(v.object({ amps: entry, volts: entry })), []),
    /** supply, where the plate does not say */
    hertz: field.always(["", "50", "60"], ""),
    /** start capacitor, relay or kit out of the lead that was clamped */
    isStartDeviceOut: field.yesNo(),
  }),
  swing: field.group({
    sections: field.own(perSection(v.object({ behaviour: v.nullable(v.picklist(SWING_BEHAVIOURS)), climbS: PrintedSchema })), []),
    rangeEnd: field.plain("swingRange"),
  }),
  discharge: field.group({
    school: field.always(["resistor", "short"], "resistor"),
    resistor: field.plain("resistor"),
    resistorW: field.plain("resistorW"),
    /** volts rms it was charged from; empty: the worst case from the label */
    chargedFrom: field.plain("chargedFrom"),
    startedAt: field.moment(),
    remaining: field.reading("voltage"),
  }),
  hasBleed: field.yesNo(),
  /** label the readings were taken with, once another was typed over it; empty: the one above */
  readFor: field.printed(),
});
/** One capacitor of a motor, with all that was measured of it. */
export type MeasuredCapacitor = typeof onePart.blank;
export const PART_FIELDS = Object.keys(onePart.fields) as (keyof MeasuredCapacitor)[];

/** Everything keyed at the capacitor station. Field names are persisted: do not change without a migration. */
export const capacitorRecord = recordOf({
  ...onePart.fields,
  /** the other part of a motor with a start and a run part; which of the two came first says nothing */
  second: field.group(onePart.fields),
  /** starts counted against the start part's allowance */
  starts: field.own(v.pipe(v.array(MomentSchema), v.maxLength(500)), []),
  kit: field.oneOf(KIT_SORTS),
  /** terminal of a dual that feeds this motor */
  feeds: field.printed(),
  /** the place a replacement must fit, and the highest air temperature around it */
  place: field.group({
    strapMm: field.plain("strap"),
    heightMm: field.plain("height"),
    ambientC: field.plain("ambient"),
    coldestC: field.plain("ambient"),
    terminals: field.plain("terminals"),
  }),
  /** parts that were here before, each with its own readings */
  previous: field.own(
    v.pipe(
      v.array(
        v.object({
          label: PrintedSchema,
          readings: perSection(entry),
          running: perSection(v.object({ amps: entry, volts: entry })),
          swing: perSection(v.nullable(v.picklist(SWING_BEHAVIOURS))),
        }),
      ),
      v.maxLength(MOST_PREVIOUS),
    ),
    [],
  ),
  /** of the label, where one was taken */
  photo: field.own(v.nullable(photoSchema(MOST_PHOTO_CHARACTERS)), null),
  note: field.note(),
});
export type CapacitorRecord = typeof capacitorRecord.blank;

export const BLANK_PART: MeasuredCapacitor = onePart.blank;

export const BLANK_CAPACITOR: CapacitorRecord = capacitorRecord.blank;
