/**
 * Value below which a share of the sample lies, straight between neighbours.
 * @param sorted ascending, at least one
 * @param share part of the sample, 0..1
 * @returns the value
 * @source Hyndman & Fan, Sample quantiles in statistical packages (1996), type 7
 */
export function quantileOfSorted(sorted: ArrayLike<number>, share: number): number {
  const place = (sorted.length - 1) * share;
  const below = Math.floor(place);
  const low = sorted[below] ?? NaN;
  return low + (place - below) * ((sorted[Math.min(below + 1, sorted.length - 1)] ?? low) - low);
}
