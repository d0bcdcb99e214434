import * as v from "valibot";
import { DaySchema, MomentSchema } from "../kept";
import { EntrySchema, type Entry, type Quantity } from "../quantity";
import type { PlainFieldId } from "./plain-fields";
import { NoteSchema, PrintedSchema, someOf, TicksSchema } from "./schemas";

/** A field of a record: how it is kept, what it is while nobody keyed it, and of what kind it is to whoever draws or reads it. */
interface Field<Kind extends string, Schema extends v.GenericSchema> {
  readonly kind: Kind;
  readonly schema: Schema;
  readonly blank: v.InferOutput<Schema>;
}
interface FieldOfList<Kind extends string, Schema extends v.GenericSchema, Chosen extends Options> extends Field<Kind, Schema> {
  readonly options: Chosen;
}

const entrySchema = v.nullable(EntrySchema);
const yesNoSchema = v.nullable(v.boolean());
const momentSchema = v.nullable(MomentSchema);
const daySchema = v.nullable(DaySchema);

type Options = readonly (string | number)[];

/** Kinds of fields. What is kept of each is persisted: do not change without a migration. */
export const field = {
  /** what a meter shows of one quantity */
  reading: <const Q extends Quantity>(quantity: Q) =>
    ({ kind: "reading", quantity, schema: entrySchema, blank: null as Entry | null }) as const,
  /** one out of a closed list, or none yet */
  oneOf: <const O extends Options>(options: O) =>
    ({ kind: "one", options, schema: v.nullable(v.picklist(options)), blank: null as O[number] | null }) as const,
  /** always one out of a closed list */
  always: <const O extends Options>(options: O, usual: O[number]) =>
    ({ kind: "always", options, schema: v.picklist(options), blank: usual }) as const,
  /** as many out of a closed list as apply */
  someOf: <const O extends Options>(options: O) => ({ kind: "some", options, schema: someOf(options), blank: [] as O[number][] }) as const,
  /** yes, no, or not answered */
  yesNo: () => ({ kind: "yes-no", schema: yesNoSchema, blank: null as boolean | null }) as const,
  /** so, or not so */
  flag: () => ({ kind: "flag", schema: v.boolean(), blank: false as boolean }) as const,
  /** free words */
  note: () => ({ kind: "note", schema: NoteSchema, blank: "" as string }) as const,
  /** as printed on a plate or label */
  printed: () => ({ kind: "printed", schema: PrintedSchema, blank: "" as string }) as const,
  /** one plain figure, in any usual unit */
  plain: <const P extends PlainFieldId>(plain: P) => ({ kind: "plain", plain, schema: PrintedSchema, blank: "" as string }) as const,
  /** a day of the calendar */
  day: () => ({ kind: "day", schema: daySchema, blank: null as string | null }) as const,
  /** the moment at which something was ticked */
  moment: () => ({ kind: "moment", schema: momentSchema, blank: null as string | null }) as const,
  /** steps ticked off, each with its moment */
  ticks: () => ({ kind: "ticks", schema: TicksSchema, blank: {} as Record<string, string> }) as const,
  /** fields that stand together */
  group: <const F extends FieldSet>(fields: F) => ({ kind: "group", ...recordOf(fields) }) as const,
  /** of a shape of its own, drawn by hand */
  own: <S extends v.GenericSchema>(schema: S, blank: v.InferOutput<S>) => ({ kind: "own", schema, blank }) as const,
} as const;

type FieldGroup = Field<"group", v.GenericSchema> & { readonly fields: FieldSet };
/** Any field. */
export type RecordField =
  | (Field<"reading", v.GenericSchema> & { readonly quantity: Quantity })
  | FieldOfList<"one", v.GenericSchema, Options>
  | FieldOfList<"always", v.GenericSchema, Options>
  | FieldOfList<"some", v.GenericSchema, Options>
  | (Field<"plain", v.GenericSchema> & { readonly plain: PlainFieldId })
  | Field<"yes-no", v.GenericSchema>
  | Field<"flag", v.GenericSchema>
  | Field<"note", v.GenericSchema>
  | Field<"printed", v.GenericSchema>
  | Field<"day", v.GenericSchema>
  | Field<"moment", v.GenericSchema>
  | Field<"ticks", v.GenericSchema>
  | Field<"own", v.GenericSchema>
  | FieldGroup;
/** Fields of a record by their places. */
export interface FieldSet {
  readonly [place: string]: RecordField;
}

type Schemas<F extends FieldSet> = { readonly [P in keyof F]: F[P]["schema"] };
/** A record as its fields make it. */
export interface RecordShape<F extends FieldSet> {
  readonly fields: F;
  readonly schema: v.ObjectSchema<Schemas<F>, undefined>;
  /** while nobody keyed anything */
  readonly blank: v.InferOutput<v.ObjectSchema<Schemas<F>, undefined>>;
}

/**
 * A record from its fields: one row each says how it is kept and what it is while it is blank.
 * @param fields by their places in the record
 * @returns the fields, the schema and the blank record they come to
 */
export function recordOf<const F extends FieldSet>(fields: F): RecordShape<F> {
  const each = <T>(of: (row: RecordField) => T) => Object.fromEntries(Object.entries(fields).map(([place, row]) => [place, of(row)]));
  return {
    fields,
    schema: v.object(each(({ schema }) => schema) as Schemas<F>),
    blank: each(({ blank }) => blank) as RecordShape<F>["blank"],
  };
}

/** Ways to fields: `standing`, and within a group `push.result`. */
export type FieldPath<F extends FieldSet> = {
  [P in keyof F & string]: F[P] extends { readonly kind: "group"; readonly fields: infer G extends FieldSet }
    ? `${P}.${keyof G & string}`
    : P;
}[keyof F & string];

/** The field at the end of a way. */
export type FieldValue<F extends FieldSet, P extends string> = P extends `${infer Group}.${infer Rest}`
  ? F[Group] extends { readonly fields: infer G extends FieldSet }
    ? G[Rest]
    : never
  : F[P];

/**
 * The field a way leads to.
 * @param fields of the record
 * @param path `standing`, or `push.result`
 * @returns the field; undefined: there is none
 */
export function fieldAt(fields: FieldSet, path: string): RecordField | undefined {
  const [first = "", ...rest] = path.split(".");
  const row = fields[first];
  return rest.length === 0 ? row : row?.kind === "group" ? fieldAt(row.fields, rest.join(".")) : undefined;
}

/**
 * Ways to all fields of a record, groups gone into, in their order.
 * @param fields of the record
 * @returns ways
 */
export const fieldPaths = (fields: FieldSet): string[] =>
  Object.entries(fields).flatMap(([place, row]) =>
    row.kind === "group" ? fieldPaths(row.fields).map((path) => `${place}.${path}`) : place,
  );
