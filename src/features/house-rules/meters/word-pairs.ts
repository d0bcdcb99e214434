/** A line a word: what the meter says, and what that means here. */
export const writePairs = (words: Readonly<Record<string, string>>): string =>
  Object.entries(words)
    .map(([said, means]) => `${said} = ${means}`)
    .join("\n");

/**
 * Reads a line a word: `W1 = resistance`.
 * @param text as it is typed
 * @param means what may stand behind the sign; null: anything
 * @returns the words, or the first line that is none
 */
export function readPairs<Meaning extends string>(
  text: string,
  means: readonly Meaning[] | null,
): { readonly words: Record<string, Meaning> } | { readonly problem: string } {
  const words: Record<string, Meaning> = {};
  for (const line of text.split("\n").filter((each) => each.trim() !== "")) {
    const at = line.lastIndexOf("=");
    const [said, meant] = [line.slice(0, Math.max(0, at)).trim(), line.slice(at + 1).trim()];
    if (at < 1 || said === "" || meant === "" || (means !== null && !means.includes(meant as Meaning))) {
      const example = means === null ? "kO = kohm" : `W1 = ${means[0] ?? ""}`;
      return {
        problem: `“${line.trim()}” cannot be read. Type what the meter says, a sign = and what it means, for example ${example}${means === null ? "" : `. It means one of: ${means.join(", ")}`}`,
      };
    }
    words[said] = meant as Meaning;
  }
  return { words };
}

/** A line each, without empty ones. */
export const readEach = (text: string): string[] =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
