import * as v from "valibot";
import { DEFAULT_METER, HOUSE_RULES, toHouseFigures, type HouseFigures, type HouseRuleId } from "@/core/house";
import { MeterSchema, type Meter } from "@/core/quantity";
import { defineRecordType } from "./record-type";
import { MomentSchema } from "./traveller";

const figures = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([id, rule]) => [id, v.optional(v.pipe(v.number(), v.minValue(rule.min), v.maxValue(rule.max)))]),
) as unknown as Record<HouseRuleId, v.OptionalSchema<v.GenericSchema<number>, undefined>>;

/** The house's own figures, meter and habits. Only what differs from the defaults is kept. */
export const HouseRecordSchema = v.object({
  id: v.literal("house"),
  figures: v.object(figures),
  meter: v.nullable(MeterSchema),
  technician: v.pipe(v.string(), v.maxLength(120)),
  /** one-letter keys outside fields */
  hasLetterKeys: v.boolean(),
  updatedAt: MomentSchema,
});
export type HouseRecord = v.InferOutput<typeof HouseRecordSchema>;

export const houseType = defineRecordType({ name: "house", schema: HouseRecordSchema, migrations: [] });

/** A house that has set nothing yet. */
export const UNSET_HOUSE: HouseRecord = {
  id: "house",
  figures: {},
  meter: null,
  technician: "",
  hasLetterKeys: true,
  updatedAt: "1970-01-01T00:00:00.000Z",
};

/** House rules as the screens and the core use them: own figures over defaults. */
export interface House {
  readonly figures: HouseFigures;
  readonly meter: Meter;
  readonly technician: string;
  readonly hasLetterKeys: boolean;
}

/** Fills in what the house left open. */
export function toHouse(record: HouseRecord): House {
  return {
    figures: toHouseFigures(record.figures),
    meter: (record.meter as Meter | null) ?? DEFAULT_METER,
    technician: record.technician,
    hasLetterKeys: record.hasLetterKeys,
  };
}
