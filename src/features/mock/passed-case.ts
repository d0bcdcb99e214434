import { codeOfCase, readCaseCode, type MockSpec } from "@/core/mock";
import { ok, type Failure, type Result } from "@/core/result";

/** A case that somebody passes on, with what they tell of it. */
export interface PassedCase {
  readonly spec: MockSpec;
  readonly story: string;
}

/** A square of more signs is not read from a screen by any camera. */
const MOST_SIGNS = 400;

/** The address that begins a case on whatever device opens it; null: its story is too long for a square. */
export function addressOfCase({ spec, story }: PassedCase, origin: string): string | null {
  const query = new URLSearchParams({ case: codeOfCase(spec), ...(story === "" ? {} : { story }) });
  const address = `${origin}/mock-bench?${query.toString()}`;
  return address.length > MOST_SIGNS ? null : address;
}

/**
 * The case that an address passes on.
 * @returns null: it passes on none
 */
export function caseOfAddress(query: Pick<URLSearchParams, "get">): Result<PassedCase, Failure> | null {
  const code = query.get("case");
  if (code === null) return null;
  const spec = readCaseCode(code);
  return spec.ok ? ok({ spec: spec.value, story: (query.get("story") ?? "").slice(0, MOST_SIGNS) }) : spec;
}
