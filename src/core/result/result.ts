/** Either a value, or a failure that the caller is expected to handle. */
export type Result<T, F> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly failure: F };

/**
 * Wraps a value as a success.
 * @param value what was asked for
 * @returns a success
 */
export const ok = <T>(value: T): { readonly ok: true; readonly value: T } => ({ ok: true, value });

/**
 * Wraps a failure.
 * @param failure what went wrong, as data
 * @returns a failure
 */
export const fail = <F>(failure: F): { readonly ok: false; readonly failure: F } => ({ ok: false, failure });

/**
 * Throws when a rule that only a bug can break is broken.
 * @param condition what must hold
 * @param message the rule, what was expected and what came
 * @errors throws Error with the rule, so that the error boundary can show it
 */
export function assert(condition: unknown, message: string): asserts condition {
  if (!condition) throw new Error(message);
}
