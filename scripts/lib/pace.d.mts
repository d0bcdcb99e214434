export function measurePace(): number;
export const pace: () => number;
export const ceilingMs: (usualMs: number) => number;
