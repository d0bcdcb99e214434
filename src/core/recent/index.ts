/**
 * Keeps the answers to what was asked last: a screen asks anew at every key, and most of what it asks stands unchanged.
 * @param keyOf tells questions apart; what has the same key has the same answer
 * @param answer must depend on what is in the key alone, and what it returns must never be changed
 * @param most how many answers are kept; the oldest goes first
 * @returns the same answers, remembered
 */
export function recentBy<Asked extends readonly unknown[], Answer>(
  keyOf: (...asked: Asked) => string,
  answer: (...asked: Asked) => Answer,
  most = 32,
): (...asked: Asked) => Answer {
  const kept = new Map<string, Answer>();
  return (...asked) => {
    const key = keyOf(...asked);
    const known = kept.get(key);
    if (known !== undefined) return known;
    const found = answer(...asked);
    const [oldest] = kept.keys();
    if (kept.size >= most && oldest !== undefined) kept.delete(oldest);
    kept.set(key, found);
    return found;
  };
}

/**
 * The same for what depends on one text.
 * @param answer must depend on the text alone, and what it returns must never be changed
 * @param most how many texts are kept; the oldest goes first
 * @returns the same answers, remembered
 */
export const recent = <Answer>(answer: (text: string) => Answer, most = 32): ((text: string) => Answer) =>
  recentBy((text: string) => text, answer, most);
