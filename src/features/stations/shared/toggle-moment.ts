/** Ticks a step off at this moment, or takes the tick back. */
export function toggleMoment(steps: Readonly<Record<string, string>>, id: string): Record<string, string> {
  const { [id]: done, ...others } = steps;
  return done === undefined ? { ...others, [id]: new Date().toISOString() } : others;
}
