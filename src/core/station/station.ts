import type * as v from "valibot";
import type { Facts } from "../facts";
import type { FieldSet } from "../fields";
import type { Loose } from "../kept";
import type { Assessment } from "./assessment";
import type { StationContext } from "./context";
import type { StationDefinition } from "./definition";

/**
 * What each version of the records changed at a station: step by the version it leads to, from the data of the one before.
 * Versions are counted over all stations together; one that changes nothing here is left out.
 */
export type StationMigrations = Readonly<Record<number, (data: Loose) => Loose>>;

/** A station: what it is, what it keeps, and how it judges. */
export interface Station<
  Id extends string = string,
  Schema extends v.GenericSchema = v.GenericSchema,
  Detail = unknown,
  Own extends object = object,
> {
  readonly definition: StationDefinition<Id>;
  readonly schema: Schema;
  /** the same by fields: how each is kept and of what kind it is, for whoever draws, lists or names them */
  readonly fields: FieldSet;
  readonly blank: v.InferOutput<Schema>;
  readonly migrations?: StationMigrations;
  // Methods, so that any station is a station to code that treats all alike.
  assess(record: v.InferOutput<Schema>, context: StationContext): Assessment<Detail, Own>;
  /** facts that stand whatever the other stations say, so that stations before this one have them too */
  early?(record: v.InferOutput<Schema>): Partial<Facts> & Partial<Own>;
  /** what of a record outlasts its readings, since part and place stay; absent: nothing does */
  lasts?(record: v.InferOutput<Schema>): Partial<v.InferOutput<Schema>>;
  /** facts that only this station states, as they are while nothing is known: whoever shows the whole card may read them */
  readonly ownFacts?: Own;
}

/**
 * Keeps the types of one station together; a record of another shape does not compile.
 * @param station the station, whole
 * @returns the same station
 */
export function defineStation<const Id extends string, Schema extends v.GenericSchema, Detail, Own extends object = object>(
  station: Station<Id, Schema, Detail, Own>,
): Station<Id, Schema, Detail, Own> {
  return station;
}

/**
 * A record without its readings: what is known of part and place stays.
 * @param station what a blank record is, and what lasts
 * @param record what was keyed
 * @returns the record that is begun with
 */
export function describedBy({ blank, lasts }: Pick<Station, "blank" | "lasts">, record: unknown): object {
  return { ...(blank as object), ...(lasts?.(record) as object | undefined) };
}
