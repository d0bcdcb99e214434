import { bearingSize } from "./dimension-table";

/**
 * Numbers of the table that two neighbouring digits exchanged would make of a number that is not in it, smallest bore first:
 * shafts of small motors are thin.
 * @param shown the stamp as keyed
 * @returns numbers; empty where there is none
 * @example meantByExchange("6230-2RS") -> ["6203", "6320"]
 */
export function meantByExchange(shown: string): readonly string[] {
  const digits = /\d{3,5}/.exec(shown)?.[0] ?? "";
  const sizes = [...digits].flatMap((_, at) => {
    const [first, second] = [digits[at], digits[at + 1]];
    if (second === undefined || first === second) return [];
    return bearingSize(`${digits.slice(0, at)}${second}${first}${digits.slice(at + 2)}`) ?? [];
  });
  return sizes.sort((a, b) => a.boreMm - b.boreMm).map(({ number }) => number);
}
