/** A value with fields of which nothing is known yet. */
export type Loose = Record<string, unknown>;

/**
 * Whether a value has fields at all.
 * @param value anything
 * @returns true for objects that are neither null nor lists
 */
export const isLoose = (value: unknown): value is Loose => typeof value === "object" && value !== null && !Array.isArray(value);
