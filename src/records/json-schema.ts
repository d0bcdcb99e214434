import { toJsonSchema } from "@valibot/to-json-schema";
import { EntrySchema, ReadingSchema } from "@/core/quantity";
import { VemmickFileSchema } from "./vemmick-file";

/**
 * JSON Schema of the open file, from the same Valibot schema that reads it. Checks that JSON Schema cannot say
 * (an id built from two others) are left out of it and made on reading.
 */
export function vemmickJsonSchema(): Record<string, unknown> {
  return {
    ...toJsonSchema(VemmickFileSchema, { errorMode: "ignore", definitions: { Reading: ReadingSchema, Entry: EntrySchema } }),
    title: "Vemmick file, *.vemmick.json",
  };
}
