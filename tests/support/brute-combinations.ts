import { joinParallel, type Joinable, type JoinTarget, type ParallelCombination } from "@/core/capacitor";
import { compareCombinations, isWithinTarget } from "@/core/capacitor/combination";

/** The same job without cleverness: every set of two to four pieces is summed; of each set of values the best is kept. */
export function bruteCombinations(parts: readonly Joinable[], target: JoinTarget, count: number): ParallelCombination[] {
  const pieces = parts
    .filter((part) => part.ratedV >= target.atLeastV)
    .flatMap((part) => Array.from({ length: Math.min(part.quantity, 4) }, () => part));
  const best = new Map<string, ParallelCombination>();
  const offer = (...chosen: Joinable[]): void => {
    const nominalUf = chosen.reduce((sum, part) => sum + part.nominalUf, 0);
    if (!isWithinTarget(nominalUf, target)) return;
    const key = chosen
      .map((part) => part.nominalUf)
      .sort((a, b) => a - b)
      .join();
    const combination = joinParallel(chosen, target);
    const other = best.get(key);
    if (!other || compareCombinations(combination, other, target.ratedUf) < 0) best.set(key, combination);
  };
  for (let a = 0; a < pieces.length; a += 1) {
    for (let b = a + 1; b < pieces.length; b += 1) {
      offer(pieces[a] as Joinable, pieces[b] as Joinable);
      for (let c = b + 1; c < pieces.length; c += 1) {
        offer(pieces[a] as Joinable, pieces[b] as Joinable, pieces[c] as Joinable);
        for (let d = c + 1; d < pieces.length; d += 1) {
          offer(pieces[a] as Joinable, pieces[b] as Joinable, pieces[c] as Joinable, pieces[d] as Joinable);
        }
      }
    }
  }
  return [...best.values()].sort((a, b) => compareCombinations(a, b, target.ratedUf)).slice(0, count);
}
