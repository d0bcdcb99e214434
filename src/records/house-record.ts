import * as v from "valibot";
import {
  DEFAULT_METER,
  HOUSE_RULE_IDS,
  houseRule,
  toHouseFigures,
  type HouseFigures,
  type HouseRule,
  type HouseRuleId,
  type RuleValue,
} from "@/core/house";
import { EPOCH, isLoose, MomentSchema, textSchema, type Loose } from "@/core/kept";
import { MeterSchema, type Meter } from "@/core/quantity";
import { toOneForm } from "./one-form";
import { defineRecordType } from "./record-type";

/** What may be kept of a rule of each kind. */
function valueSchema(rule: HouseRule): v.GenericSchema<RuleValue> {
  switch (rule.kind) {
    case "number":
      return v.pipe(v.number(), v.minValue(rule.min), v.maxValue(rule.max));
    case "yes-no":
      return v.boolean();
    case "choice":
      return v.picklist(rule.options.map(({ id }) => id));
  }
}

type FigureSchemas = { readonly [Id in HouseRuleId]: v.OptionalSchema<v.GenericSchema<HouseFigures[Id]>, undefined> };
// Each rule's schema takes the values of its kind, which a loop over all rules cannot say.
const figures = Object.fromEntries(HOUSE_RULE_IDS.map((id) => [id, v.optional(valueSchema(houseRule(id)))])) as unknown as FigureSchemas;

/** A value as a change of rules keeps it, whatever the rule was then. */
const ValueSchema = v.nullable(v.union([v.pipe(v.number(), v.finite()), v.boolean(), textSchema("word")]));

/** Changes that are kept; the oldest go first. */
const MOST_CHANGES = 500;
const ChangeSchema = v.object({
  rule: v.pipe(v.string(), v.maxLength(60)),
  at: MomentSchema,
  by: textSchema("person"),
  /** null: the default held, or holds again */
  from: ValueSchema,
  to: ValueSchema,
});
export type RuleChange = v.InferOutput<typeof ChangeSchema>;

/** The house's own figures, meter and habits. Only what differs from the defaults is kept. */
const HouseRecordSchema = v.object({
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

/** What version 4 makes of rules that were 0 or 1 before. */
const KINDS_IN_4: Readonly<Record<string, readonly [zero: RuleValue, one: RuleValue]>> = {
  tooCloseReplace: ["leave", "replace"],
  bearingsBoth: ["bad-one", "both"],
  ownsCapacitanceMeter: [false, true],
  ownsClamp: [false, true],
  ownsInsulationTester: [false, true],
  ownsTachometer: [false, true],
};
const kindIn4 = (rule: unknown, value: unknown): unknown =>
  typeof value === "number" && typeof rule === "string" ? (KINDS_IN_4[rule]?.[value >= 0.5 ? 1 : 0] ?? value) : value;

/** Version 4: a rule that is a choice, or yes or no, is kept as one. */
function withKinds(row: Loose): Loose {
  const { figures: own, changes } = row;
  return {
    ...row,
    figures: isLoose(own) ? Object.fromEntries(Object.entries(own).map(([rule, value]) => [rule, kindIn4(rule, value)])) : own,
    changes: Array.isArray(changes)
      ? changes.map((change) =>
          isLoose(change) ? { ...change, from: kindIn4(change.rule, change.from), to: kindIn4(change.rule, change.to) } : change,
        )
      : changes,
  };
}

export const houseType = defineRecordType("house", {
  schema: HouseRecordSchema,
  blank: () => ({ ...UNSET_HOUSE }),
  migrations: [
    // Version 2: changes of rules are kept.
    { to: 2, migrate: (row) => ({ changes: [], ...row }) },
    { to: 3, migrate: toOneForm },
    { to: 4, migrate: withKinds },
  ],
});

/** Keystrokes within this time are one change of a rule. */
const ONE_CHANGE_MS = 120_000;

/** The house with one rule set (undefined: the default again), and who set it when. */
export function withRule(house: HouseRecord, rule: HouseRuleId, value: RuleValue | undefined, at: string): HouseRecord {
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
