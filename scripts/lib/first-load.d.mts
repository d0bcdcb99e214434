import type { BrowserContext } from "@playwright/test";

/** Script a screen asks for before it can be used, each file compressed on its own [kB gzip]. */
export function firstLoadKb(context: BrowserContext, url: string, usable: string): Promise<number>;
