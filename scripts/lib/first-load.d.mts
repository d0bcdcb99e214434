export function neededScripts(home: string, path: string): Promise<readonly string[]>;
export const weightKb: (scripts: readonly string[]) => number;
