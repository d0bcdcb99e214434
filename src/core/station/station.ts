import type * as v from "valibot";
import type { Facts } from "../facts";
import type { Assessment } from "./assessment";
import type { StationContext } from "./context";
import type { StationDefinition } from "./definition";

/** A station: what it is, what it keeps, and how it judges. */
export interface Station<Id extends string = string, Schema extends v.GenericSchema = v.GenericSchema, Detail = unknown> {
  readonly definition: StationDefinition<Id>;
  readonly schema: Schema;
  readonly blank: v.InferOutput<Schema>;
  readonly assess: (record: v.InferOutput<Schema>, context: StationContext) => Assessment<Detail>;
  /** facts that stand whatever the other stations say, so that stations before this one have them too */
  readonly early?: (record: v.InferOutput<Schema>) => Partial<Facts>;
}

/** Keeps the types of one station together; a record of another shape does not compile. */
export function defineStation<const Id extends string, Schema extends v.GenericSchema, Detail>(
  station: Station<Id, Schema, Detail>,
): Station<Id, Schema, Detail> {
  return station;
}
