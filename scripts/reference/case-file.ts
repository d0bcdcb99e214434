/** One file of reference cases, as other people also write them. */
export interface CaseFile {
  readonly set: string;
  readonly schema_version?: number;
  readonly tolerance: Tolerance;
  readonly cases: readonly ReferenceCase[];
}
export interface ReferenceCase {
  readonly id: string;
  /** of the file it is from; in the first, names of leads were the maker's marks */
  readonly schema_version?: number;
  readonly inputs: Record<string, unknown>;
  readonly outputs: Record<string, unknown>;
  readonly quantitative?: boolean;
  readonly certain?: boolean;
  /** asking again is as good as reading it rightly; reading it wrongly is not */
  readonly may_refuse?: boolean;
}
type FieldTolerance = "exact" | { readonly relative?: number; readonly absolute?: number };
/** One for all numbers, or one a field. */
type Margin = number | Readonly<Record<string, number>>;
export type Tolerance = { readonly relative?: Margin; readonly absolute?: Margin } & Record<string, unknown>;

/** A field that does not agree. */
export interface Miss {
  readonly field: string;
  readonly expected: unknown;
  readonly got: unknown;
}

function toleranceOf(tolerance: Tolerance, field: string): FieldTolerance {
  const own = tolerance[field];
  if (own === "exact") return "exact";
  if (typeof own === "object" && own !== null) return own;
  const of = (margin: Margin | undefined): number => (typeof margin === "object" ? (margin[field] ?? 0) : (margin ?? 0));
  return { relative: of(tolerance.relative), absolute: of(tolerance.absolute) };
}

/**
 * Compares two values, deep; numbers inside the larger of relative and absolute tolerance of their field.
 */
export function compare(expected: unknown, got: unknown, tolerance: Tolerance, field = ""): Miss[] {
  if (typeof expected === "number" && typeof got === "number") {
    const leaf = field.split(".").at(-1) ?? field;
    const allowed = toleranceOf(tolerance, leaf);
    const margin = allowed === "exact" ? 0 : Math.max(allowed.absolute ?? 0, (allowed.relative ?? 0) * Math.abs(expected));
    return Math.abs(expected - got) <= margin ? [] : [{ field, expected, got }];
  }
  if (Array.isArray(expected) && Array.isArray(got)) {
    if (expected.length !== got.length) return [{ field: `${field}.length`, expected: expected.length, got: got.length }];
    return expected.flatMap((item, index) => compare(item, got[index], tolerance, `${field}.${index}`));
  }
  if (typeof expected === "object" && expected !== null && typeof got === "object" && got !== null) {
    return Object.entries(expected).flatMap(([key, value]) =>
      compare(value, (got as Record<string, unknown>)[key], tolerance, field === "" ? key : `${field}.${key}`),
    );
  }
  return Object.is(expected, got) ? [] : [{ field, expected, got }];
}

/** The cases of a file, each with the version of its schema. */
export const casesOf = ({ cases, schema_version: version = 1 }: CaseFile): ReferenceCase[] =>
  cases.map((reference) => ({ schema_version: version, ...reference }));
