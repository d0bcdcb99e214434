/** Scripts by screen, by part that is fetched later and by worker, as paths below `_next/`. */
export function builtScripts(): Readonly<Record<"entries" | "parts" | "workers", Readonly<Record<string, readonly string[]>>>>;
export function neededScripts(home: string, path: string): Promise<readonly string[]>;
export function storedFiles(): { readonly files: number; readonly mb: number; readonly copies: number };
export const weightKb: (scripts: readonly string[]) => number;
