import { fail, ok, type Failure, type Result } from "../../result";

export interface PlateNumberSpec {
  readonly field: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  readonly trailing: RegExp;
}

/* What single-phase motors of this trade can carry on their plate; outside it is a slip of the finger. */
export const PLATE_NUMBERS = {
  volts: { field: "Volts", unit: "V", min: 12, max: 600, trailing: /\s*v(olts?|ac)?\s*~?$/i },
  hertz: { field: "Hertz", unit: "Hz", min: 40, max: 70, trailing: /\s*hz$/i },
  amps: { field: "Amps", unit: "A", min: 0.02, max: 80, trailing: /\s*a(mps?)?$/i },
  rpm: { field: "Speed", unit: "rpm", min: 150, max: 3600, trailing: /\s*(rpm|r\/min|min-1)$/i },
  age: { field: "Age", unit: "years", min: 0, max: 80, trailing: /\s*(y|yrs?|years?)$/i },
} as const satisfies Record<string, PlateNumberSpec>;

/**
 * A number from a plate, with or without its unit; the first of several is taken (`230/115 V`, `50/60 Hz`).
 * @returns null for an empty field
 * @errors 'number-needed', 'number-out-of-range'
 */
export function parsePlateNumber(text: string, spec: PlateNumberSpec): Result<number | null, Failure> {
  const shown = text.trim();
  if (shown === "") return ok(null);
  const first = shown.replace(spec.trailing, "").split(/\s*[/-]\s*/)[0] ?? "";
  const figure = first.replace(spec.trailing, "").replace(",", ".");
  if (!/^\d+(\.\d+)?$|^\.\d+$/.test(figure)) return fail({ code: "number-needed", field: spec.field, text });
  const value = Number(figure);
  if (value < spec.min || value > spec.max) {
    return fail({
      code: "number-out-of-range",
      field: spec.field,
      value,
      min: spec.min,
      max: spec.max,
      unit: spec.unit,
    });
  }
  return ok(value);
}
