/** Ticks a step off at a moment, or takes the tick back. */
export function toggleMoment(steps: Readonly<Record<string, string>>, id: string, at: string): Record<string, string> {
  const { [id]: done, ...others } = steps;
  return done === undefined ? { ...others, [id]: at } : others;
}
