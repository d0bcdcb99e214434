/**
 * Keeps the answers to the texts asked last: a screen asks anew at every key, and most texts stand unchanged.
 * @param answer must depend on the text alone, and what it returns must never be changed
 * @param most how many texts are kept; the oldest goes first
 * @returns the same answers, remembered
 */
export function recent<Answer>(answer: (text: string) => Answer, most = 32): (text: string) => Answer {
  const kept = new Map<string, Answer>();
  return (text) => {
    const known = kept.get(text);
    if (known !== undefined) return known;
    const found = answer(text);
    const [oldest] = kept.keys();
    if (kept.size >= most && oldest !== undefined) kept.delete(oldest);
    kept.set(text, found);
    return found;
  };
}
