/** How a motor drives its machine. Persisted: do not change without a migration. */
export const DRIVES = ["belt", "direct"] as const;
export type Drive = (typeof DRIVES)[number];
