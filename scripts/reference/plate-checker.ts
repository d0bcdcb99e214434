import { PLATE_FIELDS, readPlateField, type PlateFieldId, type PlateValue } from "@/core/motor";
import { compare, type Miss, type ReferenceCase, type Tolerance } from "./case-file";

const FIELD_NAMES: Readonly<Record<string, PlateFieldId>> = { power_w: "power" };
const written = (value: PlateValue): unknown => (value.kind === "value" ? value.value : [value.low, value.high]);

const fieldOf = (name: string): PlateFieldId | undefined => FIELD_NAMES[name] ?? PLATE_FIELDS.find((id) => id === name);

/** What the reader makes of the field of a case. */
export function readPlateCase(inputs: Record<string, unknown>): ReturnType<typeof readPlateField> {
  const field = fieldOf(String(inputs.field));
  if (field === undefined) throw new Error(`not a field of a plate: ${String(inputs.field)}`);
  return readPlateField(field, String(inputs.text));
}

/** A plate field as stamped. */
export function checkPlateField({ inputs, outputs, may_refuse: mayRefuse = false }: ReferenceCase, tolerance: Tolerance): Miss[] {
  const read = readPlateCase(inputs);
  if (!read.ok) return outputs.refused === true || mayRefuse ? [] : [{ field: "text", expected: outputs, got: read.failure.code }];
  if (outputs.refused === true) return [{ field: "text", expected: "refused", got: read.value.map(written) }];
  const [first, ...more] = read.value;
  const got =
    more.length > 0
      ? { alternatives: read.value.map(written) }
      : first?.kind === "band"
        ? { band: written(first) }
        : { value: first?.value };
  return compare(outputs, got, tolerance);
}
