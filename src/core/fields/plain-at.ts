import { assert } from "../result";
import { readPlain, type PlainFigure } from "./plain-fields";
import type { FieldSet } from "./record-fields";

/** Places of the plain figures of a record. */
type PlainPlace<F extends FieldSet> = { [P in keyof F & string]: F[P] extends { readonly kind: "plain" } ? P : never }[keyof F & string];

/**
 * Reads a plain figure of a record as its field says it is read.
 * @param shape the record's fields
 * @param record what was keyed
 * @param place which field
 * @returns value in the base unit of its measure, or why it cannot be read; both null while it is empty
 */
export function plainAt<F extends FieldSet, P extends PlainPlace<F>>(
  { fields }: { readonly fields: F },
  record: { readonly [Place in P]: string },
  place: P,
): PlainFigure {
  const row = fields[place];
  assert(row?.kind === "plain", `a plain field, got ${place}`);
  return readPlain(record[place], row.plain);
}
