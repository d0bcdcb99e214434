/** What is said under a line: what was wrong and what to type, or a hint; nothing where there is neither. */
export function Said({ id, problem, hint = null }: { id: string; problem: string | null | undefined; hint?: string | null }) {
  const words = problem ?? hint;
  return words ? (
    <p id={id} className={`mt-1 text-[13.5px] ${problem ? "font-medium text-out" : "text-ink-soft"}`}>
      {words}
    </p>
  ) : null;
}
