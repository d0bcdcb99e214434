/**
 * Value of a line through points, straight between two of them; beyond the ends it stays at the end's value.
 * @param points [x, y] in rising order of x, at least one
 * @param x where [unit of the points]
 * @returns y there [unit of the points]
 * @example interpolate([[0, 1], [2, 5]], 1) = 3; interpolate([[0, 1], [2, 5]], 9) = 5
 */
export function interpolate(points: readonly (readonly [x: number, y: number])[], x: number): number {
  const above = points.findIndex(([at]) => at >= x);
  const [high, low] = [points[above], points[above - 1]];
  if (high === undefined) return points.at(-1)?.[1] ?? NaN;
  if (low === undefined) return high[1];
  return low[1] + ((high[1] - low[1]) * (x - low[0])) / (high[0] - low[0]);
}
