export const BROWSER_FLAGS: string[];
