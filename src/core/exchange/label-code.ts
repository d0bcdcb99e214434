/** Signs that nobody mistakes for another, typed from a dirty label in bad light. */
const SIGNS = "23456789ABCDEFGHJKMNPQRSTVWXYZ";
const LENGTH = 6;
const NAME = "Vemmick";

/**
 * Short code of a record, printed on its label and typed where no camera reads it.
 * @param id of the record
 * @returns six signs in two groups; two records of one house share one about once in 700 million pairs
 * @source FNV-1a, 64 bits in two halves (Fowler, Noll, Vo)
 * @example shortCode("demo-part-1") has the form "XXX-XXX"
 */
export function shortCode(id: string): string {
  let [low, high] = [0x811c9dc5, 0x01000193];
  for (let index = 0; index < id.length; index += 1) {
    low = Math.imul(low ^ id.charCodeAt(index), 0x01000193) >>> 0;
    high = Math.imul(high ^ (low >>> 13) ^ id.charCodeAt(index), 0x85ebca6b) >>> 0;
  }
  let rest = BigInt(high) * 4294967296n + BigInt(low);
  let code = "";
  for (let sign = 0; sign < LENGTH; sign += 1) {
    code += SIGNS[Number(rest % BigInt(SIGNS.length))] ?? "";
    rest /= BigInt(SIGNS.length);
  }
  return `${code.slice(0, 3)}-${code.slice(3)}`;
}

/**
 * A code as it was typed: small letters, gaps, and a zero or an O for what cannot be one.
 * @param text as typed
 * @returns the code, or null where it is none
 */
export function readCode(text: string): string | null {
  const bare = text.toUpperCase().replace(/[^0-9A-Z]/g, "");
  const isCode = bare.length === LENGTH && [...bare].every((sign) => SIGNS.includes(sign));
  return isCode ? `${bare.slice(0, 3)}-${bare.slice(3)}` : null;
}

/** What the square of a label carries: the code, and what it is for whoever does not have the record. */
export interface LabelText {
  readonly code: string;
  readonly lines: readonly string[];
}

/**
 * The text of a label's square.
 * @param label code and lines
 * @returns plain text, the program's name and the code first
 */
export const writeLabelText = ({ code, lines }: LabelText): string => [`${NAME} ${code}`, ...lines].join("\n");

/**
 * Reads the text of a label's square.
 * @param text as a camera has it
 * @returns null: it is of something else
 */
export function readLabelText(text: string): LabelText | null {
  const [first = "", ...lines] = text.split("\n");
  const code = first.startsWith(`${NAME} `) ? readCode(first.slice(NAME.length)) : null;
  return code === null ? null : { code, lines };
}
