/** The two bearings of a motor. Ids are persisted: do not change without a migration. */
export const BEARING_ENDS = ["drive-end", "other-end"] as const;
export type BearingEnd = (typeof BEARING_ENDS)[number];
