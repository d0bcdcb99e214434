/** What is to be looked at again. Ids name sentences of the interface. Persisted: do not change without a migration. */
export const DUE_KINDS = ["recheck-capacitor", "recheck-decision", "oil-bearings", "listen-bearings", "part-expected"] as const;
export type DueKind = (typeof DUE_KINDS)[number];
