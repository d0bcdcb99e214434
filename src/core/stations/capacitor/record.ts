import { MomentSchema, NoteSchema, PrintedSchema } from "../../station";
import * as v from "valibot";
import { KIT_SORTS, LABEL_PARTS, SWING_BEHAVIOURS, type LabelPart } from "../../capacitor";
import { EntrySchema } from "../../quantity";

const MOST_SECTIONS = 3;
/** Parts tried in one place on one visit. */
export const MOST_PREVIOUS = 8;
const entry = v.nullable(EntrySchema);
const perSection = <Schema extends v.GenericSchema>(schema: Schema) => v.pipe(v.array(schema), v.maxLength(MOST_SECTIONS));
const yesNo = v.nullable(v.boolean());

const part = Object.fromEntries(LABEL_PARTS.map((id) => [id, v.optional(PrintedSchema)])) as Record<
  LabelPart,
  v.OptionalSchema<typeof PrintedSchema, undefined>
>;

/** What OL on the capacitance range may mean. Persisted: do not change without a migration. */
export const OVER_LIMITS = ["beyond-range", "shorted"] as const;
export type OverLimit = (typeof OVER_LIMITS)[number];

/** One part: its label, and what was measured of it by every method. Field names are persisted. */
const partFields = {
  label: PrintedSchema,
  /** what a person put right in the reading of the label */
  corrections: v.object({ parts: v.object(part), kind: v.nullable(v.picklist(["run", "start"])) }),
  /** bulged, vented, leaking, burnt: needs no meter */
  looksBad: yesNo,
  /** capacitance meter, one reading a section, in the order of the label */
  readings: perSection(entry),
  /** OL on the capacitance range is beyond it, or shorted: what the person found; null: not said */
  overLimit: v.nullable(v.picklist(OVER_LIMITS)),
  /** at least one side disconnected when it was measured */
  isIsolated: yesNo,
  /** the figure came to rest */
  settles: yesNo,
  running: v.object({
    sections: perSection(v.object({ amps: entry, volts: entry })),
    /** supply, where the plate does not say */
    hertz: v.picklist(["", "50", "60"]),
    /** start capacitor, relay or kit out of the lead that was clamped */
    isStartDeviceOut: yesNo,
  }),
  swing: v.object({
    sections: perSection(v.object({ behaviour: v.nullable(v.picklist(SWING_BEHAVIOURS)), climbS: PrintedSchema })),
    rangeEnd: PrintedSchema,
  }),
  discharge: v.object({
    school: v.picklist(["resistor", "short"]),
    resistor: PrintedSchema,
    resistorW: PrintedSchema,
    /** volts rms it was charged from; empty: the worst case from the label */
    chargedFrom: PrintedSchema,
    startedAt: v.nullable(MomentSchema),
    remaining: entry,
  }),
  hasBleed: yesNo,
  /** label the readings were taken with, once another was typed over it; empty: the one above */
  readFor: PrintedSchema,
};
const PartSchema = v.object(partFields);
/** One capacitor of a motor, with all that was measured of it. */
export type MeasuredCapacitor = v.InferOutput<typeof PartSchema>;
export const PART_FIELDS = Object.keys(partFields) as (keyof MeasuredCapacitor)[];

/** Everything keyed at the capacitor station. Field names are persisted: do not change without a migration. */
export const CapacitorRecordSchema = v.object({
  ...partFields,
  /** the other part of a motor with a start and a run part; which of the two came first says nothing */
  second: PartSchema,
  /** starts counted against the start part's allowance */
  starts: v.pipe(v.array(MomentSchema), v.maxLength(500)),
  kit: v.nullable(v.picklist(KIT_SORTS)),
  /** terminal of a dual that feeds this motor */
  feeds: PrintedSchema,
  /** the place a replacement must fit, and the highest air temperature around it */
  place: v.object({
    strapMm: PrintedSchema,
    heightMm: PrintedSchema,
    ambientC: PrintedSchema,
    coldestC: PrintedSchema,
    terminals: PrintedSchema,
  }),
  /** parts that were here before, each with its own readings */
  previous: v.pipe(
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
  note: NoteSchema,
});
export type CapacitorRecord = v.InferOutput<typeof CapacitorRecordSchema>;

export const BLANK_PART: MeasuredCapacitor = {
  label: "",
  corrections: { parts: {}, kind: null },
  looksBad: null,
  readings: [],
  overLimit: null,
  isIsolated: null,
  settles: null,
  running: { sections: [], hertz: "", isStartDeviceOut: null },
  swing: { sections: [], rangeEnd: "" },
  discharge: { school: "resistor", resistor: "", resistorW: "", chargedFrom: "", startedAt: null, remaining: null },
  hasBleed: null,
  readFor: "",
};

export const BLANK_CAPACITOR: CapacitorRecord = {
  ...BLANK_PART,
  second: BLANK_PART,
  starts: [],
  kit: null,
  feeds: "",
  place: { strapMm: "", heightMm: "", ambientC: "", coldestC: "", terminals: "" },
  previous: [],
  note: "",
};
