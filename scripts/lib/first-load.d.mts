export function neededScripts(home: string, path: string): Promise<readonly string[]>;
export function storedFiles(): { readonly files: number; readonly mb: number; readonly copies: number };
export const weightKb: (scripts: readonly string[]) => number;
