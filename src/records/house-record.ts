import * as v from "valibot";
import { DEFAULT_METER, HOUSE_RULES, toHouseFigures, type HouseFigures, type HouseRuleId } from "@/core/house";
import { EPOCH, MomentSchema, textSchema } from "@/core/kept";
import { MeterSchema, type Meter } from "@/core/quantity";
import { toOneForm } from "./one-form";
import { defineRecordType } from "./record-type";

const figures = Object.fromEntries(
  Object.entries(HOUSE_RULES).map(([id, rule]) => [id, v.optional(v.pipe(v.number(), v.minValue(rule.min), v.maxValue(rule.max)))]),
) as unknown as Record<HouseRuleId, v.OptionalSchema<v.GenericSchema<number>, undefined>>;

/** Changes that are kept; the oldest go first. */
const MOST_CHANGES = 500;
const ChangeSchema = v.object({
  rule: v.pipe(v.string(), v.maxLength(60)),
  at: MomentSchema,
  by: textSchema("person"),
  /** null: the default held, or holds again */
  from: v.nullable(v.pipe(v.number(), v.finite())),
  to: v.nullable(v.pipe(v.number(), v.finite())),
});
export type RuleChange = v.InferOutput<typeof ChangeSchema>;

/** The house's own figures, meter and habits. Only what differs from the defaults is kept. */
export const HouseRecordSchema = v.object({
  id: v.literal("house"),
  figures: v.object(figures),
  meter: v.nullable(MeterSchema),
  technician: textSchema("person"),
  /** one-letter keys outside fields */
  hasLetterKeys: v.boolean(),
  /** who changed which rule when, the oldest first */
  changes: v.pipe(v.array(ChangeSchema), v.maxLength(MOST_CHANGES)),
  updatedAt: MomentSchema,
});
export type HouseRecord = v.InferOutput<typeof HouseRecordSchema>;

/** A house that has set nothing yet. */
export const UNSET_HOUSE: HouseRecord = {
  id: "house",
  figures: {},
  meter: null,
  technician: "",
  hasLetterKeys: true,
  changes: [],
  updatedAt: EPOCH,
};

export const houseType = defineRecordType({
  name: "house",
  list: "house",
  schema: HouseRecordSchema,
  table: { since: 1, indexes: "id" },
  isSingle: true,
  blank: () => ({ ...UNSET_HOUSE }),
  migrations: [
    // Version 2: changes of rules are kept.
    { to: 2, migrate: (row) => ({ changes: [], ...row }) },
    { to: 3, migrate: toOneForm },
  ],
});

/** Keystrokes within this time are one change of a rule. */
const ONE_CHANGE_MS = 120_000;

/** The house with one rule set (undefined: the default again), and who set it when. */
export function withRule(house: HouseRecord, rule: HouseRuleId, value: number | undefined, at: string): HouseRecord {
  const before = house.figures[rule];
  if (before === value) return house;
  const last = house.changes.at(-1);
  const goesOn = last?.rule === rule && last.by === house.technician && Date.parse(at) - Date.parse(last.at) < ONE_CHANGE_MS;
  const from = goesOn ? last.from : (before ?? null);
  const to = value ?? null;
  const earlier = goesOn ? house.changes.slice(0, -1) : house.changes;
  // Set back while still at it: nothing was changed.
  const changes = from === to ? earlier : [...earlier, { rule, at, by: house.technician, from, to }];
  return { ...house, figures: { ...house.figures, [rule]: value }, changes: changes.slice(-MOST_CHANGES) };
}

/** House rules as the screens and the core use them: own figures over defaults. */
export interface House {
  readonly figures: HouseFigures;
  readonly meter: Meter;
  readonly technician: string;
  readonly hasLetterKeys: boolean;
}

/** A meter the house listed is no assumption, whatever it was copied from. */
const listed = ({ id, name, ranges }: Meter): Meter => ({ id, name, ranges });

/** Fills in what the house left open. */
export function toHouse(record: HouseRecord): House {
  const figures = toHouseFigures(record.figures);
  return {
    figures,
    meter: {
      ...(record.meter ? listed(record.meter as Meter) : DEFAULT_METER),
      unlisted: { percent: figures.unlistedPercent, digits: figures.unlistedDigits },
    },
    technician: record.technician,
    hasLetterKeys: record.hasLetterKeys,
  };
}
