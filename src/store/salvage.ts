import * as v from "valibot";
import { isLoose } from "@/core/kept";

type WithEntries = v.GenericSchema & { readonly entries: Readonly<Record<string, v.GenericSchema>> };
const hasEntries = (schema: v.GenericSchema): schema is WithEntries => "entries" in schema && isLoose(schema.entries);

/**
 * Takes of a value whatever its schema can read: one field that cannot be read costs that field alone.
 * @param blank stands in for what cannot be read
 */
export function salvage(schema: v.GenericSchema, value: unknown, blank: unknown): unknown {
  const whole = v.safeParse(schema, value);
  if (whole.success) return whole.output;
  if (!hasEntries(schema) || !isLoose(value)) return blank;
  const own = isLoose(blank) ? blank : {};
  const fields = Object.entries(schema.entries).map(([key, each]) => [key, salvage(each, value[key], own[key])] as const);
  // What holds between fields may still fail; then the blank is the honest answer.
  const mended = v.safeParse(schema, Object.fromEntries(fields));
  return mended.success ? mended.output : blank;
}
